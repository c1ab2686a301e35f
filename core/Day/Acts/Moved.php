<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day\Acts;

use HoundCheck\Core\Day\AppointmentAct;
use HoundCheck\Core\Day\Slot;

/** To another time, another groomer, or to the waiting list. An appointment that was cancelled or missed stands again with it. */
final readonly class Moved implements AppointmentAct
{
    public function __construct(public Slot $slot) {}
}
