<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day\Acts;

use HoundCheck\Core\Day\AppointmentAct;
use HoundCheck\Core\House\Service;

final readonly class Changed implements AppointmentAct
{
    public function __construct(public Service $service, public string $note) {}
}
