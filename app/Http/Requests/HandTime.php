<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Carbon\CarbonImmutable;
use HoundCheck\Core\Marks\SentText;

/** A time as devices send it, as the application reckons with times. */
final class HandTime
{
    /** For a validator. */
    public const RULE = 'regex:'.SentText::TIME;

    public static function read(mixed $text): ?CarbonImmutable
    {
        $at = SentText::time($text);

        // As it is stored: what is folded now and what is read later are the same.
        return $at === null ? null : CarbonImmutable::instance($at)->floorMillisecond();
    }
}
