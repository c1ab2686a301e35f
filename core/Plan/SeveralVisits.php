<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan;

use HoundCheck\Core\Plan\Frontier\Frontier;
use HoundCheck\Core\Plan\Frontier\FrontierPlan;
use HoundCheck\Core\Plan\Frontier\FrontierSolver;
use HoundCheck\Core\Tolerance\Tolerance;

/**
 * The most coat-keeping plan over the fewest visits, two or three, each within what a visit holds and what the dog bears.
 *
 * A section begun is finished that day. What cannot wait is done first: clipping mats, pelts, pain, moist skin. Then the
 * places that pull, the tightest and tenderest first; brushing, which pulls at nothing, fills the rest, as late as it fits:
 * a coat is combed again at each visit. Cuts on clean coat belong to the last. Of the ways to divide a plan among the fewest
 * visits the one with the most even pulling is taken.
 */
final readonly class SeveralVisits
{
    private const MOST = 3;

    /**
     * @param FrontierPlan $plan what is done in the end
     * @param list<VisitOfSeveral> $visits in order, two or three
     */
    private function __construct(public FrontierPlan $plan, public array $visits) {}

    /**
     * What is offered: where nothing is feasible today, and where coming again keeps so much more of the coat that shows.
     *
     * @param Frontier $today what is feasible today
     * @param float $slotMinutes of a visit of its own
     */
    public static function offered(CoatReport $report, FrontierSolver $solver, Frontier $today, float $slotMinutes): ?self
    {
        $best = $today->keepsMost();
        $least = $best === null ? 0.0 : $best->keepShare + $report->rules->plan->severalKeepMore;

        return $solver->mostKept() < $least ? null : self::of(
            $report,
            $solver->within(null, null)->plans,
            new VisitLimit($report->tolerance->minutes, $report->workingMinutes()),
            new VisitLimit(
                Tolerance::of($report->case->dog, $report->rules->tolerance)->minutes,
                $report->standing()->workingMinutes($slotMinutes),
            ),
            $least,
        );
    }

    /**
     * @param list<FrontierPlan> $plans whatever they pull and take, the most coat kept last
     * @param VisitLimit $today what may still be asked today
     * @param VisitLimit $later what a visit of its own holds
     * @param float $leastKept part of the coat that shows, 0–1; what keeps less is not worth another visit
     *
     * @return self|null null: not even three visits are enough
     */
    public static function of(CoatReport $report, array $plans, VisitLimit $today, VisitLimit $later, float $leastKept = 0.0): ?self
    {
        foreach (array_reverse($plans) as $plan) {
            if ($plan->keepShare < $leastKept) {
                return null;
            }
            for ($count = 2; $count <= self::MOST; $count++) {
                $visits = Division::of($report, $plan, [$today, ...array_fill(0, $count - 1, $later)]);
                if ($visits !== null) {
                    return new self($plan, $visits);
                }
            }
        }

        return null;
    }
}
