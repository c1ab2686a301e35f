<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Visits\OpenVisit;
use HoundCheck\Core\Effort\Forecast;

/** Minutes as the rules reckon them, as the salon's own clock corrects them, and their range. */
final class ForecastJson
{
    /** @return array<string, float> */
    public static function of(Forecast $forecast): array
    {
        return ['plain' => $forecast->plain, 'likely' => $forecast->corrected, 'from' => $forecast->usualFrom, 'to' => $forecast->usualTo];
    }

    /** @return array<string, mixed> what the correction rests on */
    public static function clock(OpenVisit $open, string $groomer): array
    {
        $clock = $open->clock();

        return [
            'groomer' => $groomer,
            'coat' => $open->state->dog()->coat->value,
            'sections' => $clock->count,
            'factor' => $clock->factor(),
            'off' => $clock->off(),
        ];
    }
}
