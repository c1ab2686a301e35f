<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Visits\OpenVisit;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Plan\BathedTonight;
use HoundCheck\Core\Plan\CoatReport;
use HoundCheck\Core\Plan\Frontier\FrontierSolver;
use HoundCheck\Core\Plan\PlanTotals;
use HoundCheck\Core\Plan\Regrowth;
use HoundCheck\Core\Plan\Treatment;

/** What is suggested today beside what would be left to suggest after a bath at home tonight. */
final class BathedTonightJson
{
    /** @return array<string, mixed> */
    public static function of(OpenVisit $open): array
    {
        $today = $open->fromHere;

        return ['today' => self::suggested($open, $today), 'tonight' => self::suggested($open, BathedTonight::of($today, $open->state->run->done()))];
    }

    /** @return array<string, mixed>|null null: no plan can be made of it */
    private static function suggested(OpenVisit $open, CoatReport $report): ?array
    {
        if ($report->toCheck() !== [] || $report->stuck() !== []) {
            return null;
        }
        $solver = new FrontierSolver($report);
        $balanced = $solver->feasible()->balanced();
        $plan = $balanced ?? $solver->shortfall()?->clipDown;
        if ($plan === null) {
            return null;
        }
        $clips = array_filter(array_map(
            fn(Treatment $treatment, string $id): ?float => $report->grade(Section::from($id))?->isMatted() === true
                ? $treatment->clipMm
                : null,
            array_values($plan->choices->bySection),
            array_keys($plan->choices->bySection),
        ), fn(?float $mm): bool => $mm !== null);

        return [
            'keep' => $plan->keepShare,
            'minutes' => $plan->minutes,
            'pulling' => $plan->tensionMinutes,
            // What was opened today is paid either way.
            'priceCents' => $open->report->priceOfMats(
                $open->report->finishedMatMinutes() + PlanTotals::of($report, $plan->choices)->matMinutes,
            )->totalCents,
            'longestClipMm' => $clips === [] ? null : max($clips),
            'regrowthWeeks' => PlanCostJson::range(Regrowth::longest($report, $plan->choices)),
            'fits' => $balanced !== null,
        ];
    }
}
