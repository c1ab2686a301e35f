<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day;

use HoundCheck\Core\House\DayRules;

/** How a day stands by its promises: it is full when they would not hold, not when its hours are booked. */
enum DayStanding: string
{
    case Free = 'free';
    case Holds = 'holds';
    /** A promise is less sure than the house wants. */
    case Tight = 'tight';
    /** A promise would rather be broken than kept. */
    case TooFull = 'too_full';

    public static function of(DayForecast $forecast, DayRules $rules): self
    {
        return match (true) {
            $forecast->ready === [] => self::Free,
            $forecast->weakest() >= $rules->safeChance => self::Holds,
            $forecast->weakest() >= 0.5 => self::Tight,
            default => self::TooFull,
        };
    }
}
