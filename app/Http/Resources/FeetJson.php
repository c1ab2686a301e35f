<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Visits\OpenVisit;
use HoundCheck\Core\Visit\FeetInVisit;

/** How long the visit keeps the dog on its feet altogether, beside what the house asks at most, and the ways that ask less. */
final class FeetJson
{
    /** @return array<string, mixed> */
    public static function of(OpenVisit $open): array
    {
        $feet = FeetInVisit::of($open->report);

        return [
            'onItsFeetMinutes' => $feet->minutes,
            'mostMinutes' => $feet->limitMinutes,
            'fits' => $feet->fits(),
            'asksWhy' => $open->report->asksWhyItStandsSoLong(),
            'planned' => $open->state->planned->feet?->id,
            'way' => $feet->way?->value,
            'reason' => $feet->reason,
            'ways' => array_map(
                fn(string $way, float $minutes): array => ['way' => $way, 'minutes' => $minutes, 'under' => $feet->isUnder($minutes)],
                array_keys($feet->byWay),
                array_values($feet->byWay),
            ),
        ];
    }
}
