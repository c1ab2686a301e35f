<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day\Acts;

use HoundCheck\Core\Day\AppointmentAct;

/** An act is taken back. */
final readonly class ActTakenBack implements AppointmentAct
{
    /** @param string $act id */
    public function __construct(public string $act) {}
}
