<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day\Acts;

use HoundCheck\Core\Day\AppointmentAct;
use HoundCheck\Core\Day\CancelledBy;

final readonly class Cancelled implements AppointmentAct
{
    /** @param string $reason in words */
    public function __construct(public CancelledBy $by, public string $reason) {}
}
