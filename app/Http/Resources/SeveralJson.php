<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Visits\OpenVisit;
use HoundCheck\Core\Plan\Frontier\Frontier;
use HoundCheck\Core\Plan\Frontier\FrontierSolver;
use HoundCheck\Core\Plan\SeveralVisits;
use HoundCheck\Core\Plan\VisitOfSeveral;

/** What several visits would keep, where nothing fits today or they keep so much more that it is worth coming again. */
final readonly class SeveralJson
{
    /** @return array<string, mixed>|null null: it is not offered */
    public static function of(OpenVisit $open, FrontierSolver $solver, Frontier $today): ?array
    {
        // Divided already, it goes on as it was agreed.
        $several = $open->state->planned->split !== null
            ? null
            : SeveralVisits::offered($open->fromHere, $solver, $today, (float) $open->state->arrival->slotMinutes());

        return $several === null ? null : [
            'keep' => $several->plan->keepShare,
            'choices' => $several->plan->choices->codes(),
            'daysFrom' => $open->rules->plan->daysApartFrom,
            'daysTo' => $open->rules->plan->daysApartTo,
            'visits' => array_map(fn(VisitOfSeveral $visit): array => [
                'sections' => array_column($visit->sections, 'value'),
                'minutes' => $visit->minutes,
                'tension' => $visit->tensionMinutes,
            ], $several->visits),
        ];
    }
}
