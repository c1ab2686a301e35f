<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day\Acts;

use HoundCheck\Core\Day\AppointmentAct;

/** The client wants another time. */
final readonly class OtherTimeAsked implements AppointmentAct
{
    /** @param string $words of the client; may be empty */
    public function __construct(public string $words) {}
}
