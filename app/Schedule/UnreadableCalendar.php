<?php

declare(strict_types=1);

namespace App\Schedule;

use App\Words\Words;
use RuntimeException;

/** A file that tells no times; its message says what to do. */
final class UnreadableCalendar extends RuntimeException
{
    public static function noCalendar(): self
    {
        return new self(Words::of('calendar.no_calendar'));
    }

    public static function tooMany(int $most): self
    {
        return new self(Words::of('calendar.too_many', ['most' => $most]));
    }

    public static function nothingInIt(): self
    {
        return new self(Words::of('calendar.nothing_in_it'));
    }
}
