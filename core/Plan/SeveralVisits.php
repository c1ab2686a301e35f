<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan;

use HoundCheck\Core\Plan\Frontier\FrontierPlan;

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
