<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day;

enum AppointmentState: string
{
    /** It has a time. */
    case Booked = 'booked';
    /** On the waiting list: no time yet. */
    case Waiting = 'waiting';
    case Cancelled = 'cancelled';
    case NoShow = 'no_show';
    /** The dog came in for it. */
    case Arrived = 'arrived';

    /** Something may still come of it. */
    public function isOpen(): bool
    {
        return $this === self::Booked || $this === self::Waiting;
    }
}
