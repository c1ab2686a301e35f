<?php

declare(strict_types=1);

namespace App\Answers;

use App\Visits\OpenVisit;
use HoundCheck\Core\Plan\Frontier\Frontier;
use HoundCheck\Core\Plan\Frontier\FrontierSolver;
use HoundCheck\Core\Plan\SeveralVisits;
use HoundCheck\Core\Plan\VisitLimit;
use HoundCheck\Core\Plan\VisitOfSeveral;
use HoundCheck\Core\Tolerance\Tolerance;

/** What several visits would keep, where nothing fits today or they keep so much more that it is worth coming again. */
final readonly class SeveralJson
{
    /** @return array<string, mixed>|null null: it is not offered */
    public static function of(OpenVisit $open, FrontierSolver $solver, Frontier $today): ?array
    {
        $best = $today->keepsMost();
        $least = $best === null ? 0.0 : $best->keepShare + $open->rules->plan->severalKeepMore;
        if ($open->state->split !== null || $solver->mostKept() < $least) {
            return null;
        }
        $report = $open->fromHere;
        $several = SeveralVisits::of(
            $report,
            $solver->within(null, null)->plans,
            new VisitLimit($report->tolerance->minutes, $report->workingMinutes()),
            new VisitLimit(
                Tolerance::of($report->case->dog, $open->rules->tolerance)->minutes,
                $report->standing()->workingMinutes((float) $open->state->slotMinutes()),
            ),
            $least,
        );

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
