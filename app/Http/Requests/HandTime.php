<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Carbon\CarbonImmutable;

/** A time as devices send it: ISO 8601 with a time zone, of a year in which there are dogs here. */
final class HandTime
{
    private const SHAPE = '/^(20\d\d)-\d\d-\d\dT\d\d:\d\d(:\d\d(\.\d{1,6})?)?(Z|[+-]\d\d:\d\d)$/';

    /** For a validator. */
    public const RULE = 'regex:'.self::SHAPE;

    public static function read(mixed $text): ?CarbonImmutable
    {
        if (! is_string($text) || preg_match(self::SHAPE, $text) !== 1) {
            return null;
        }
        try {
            return CarbonImmutable::parse($text)->utc();
        } catch (\InvalidArgumentException) {
            return null;
        }
    }
}
