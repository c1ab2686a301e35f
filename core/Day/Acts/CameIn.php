<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day\Acts;

use HoundCheck\Core\Day\AppointmentAct;

final readonly class CameIn implements AppointmentAct
{
    /** @param string $visit id */
    public function __construct(public string $visit) {}
}
