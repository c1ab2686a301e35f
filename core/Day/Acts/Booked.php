<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day\Acts;

use HoundCheck\Core\Day\AppointmentAct;
use HoundCheck\Core\Day\Slot;
use HoundCheck\Core\House\Service;

final readonly class Booked implements AppointmentAct
{
    /** @param string $note what the client asked for; empty: nothing */
    public function __construct(public Service $service, public Slot $slot, public string $note) {}
}
