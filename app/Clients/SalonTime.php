<?php

declare(strict_types=1);

namespace App\Clients;

use App\Words\Words;
use Carbon\CarbonImmutable;

/** Days and times as the salon's clock shows them, in a client's language. */
final class SalonTime
{
    public static function clock(CarbonImmutable $at, string $language): string
    {
        return self::said($at, $language, 'H:mm');
    }

    public static function day(CarbonImmutable $at, string $language): string
    {
        return self::said($at, $language, Words::of('clients.day_format', [], $language));
    }

    private static function said(CarbonImmutable $at, string $language, string $format): string
    {
        return $at->setTimezone(config('salon.timezone'))->settings(['locale' => $language])->isoFormat($format);
    }
}
