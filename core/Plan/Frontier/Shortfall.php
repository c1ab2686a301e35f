<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan\Frontier;

/** Why no plan is feasible, by how much, and what would mend it. */
final readonly class Shortfall
{
    /**
     * @param float $tensionOver tension minutes by which even the easiest plan passes the tolerance; 0: it does not
     * @param float $minutesOver table minutes that are missing for the quickest plan the dog can bear, or without one for
     *                           the quickest at all; 0: none
     * @param float|null $minutesNeeded table time with which a plan is feasible; null: more time alone does not mend it
     * @param FrontierPlan $clipDown the plan with the least pulling whatever it takes
     * @param int $visits among which the pulling of the easiest plan would have to be divided, with no bath in between
     */
    public function __construct(
        public float $tensionOver,
        public float $minutesOver,
        public ?float $minutesNeeded,
        public FrontierPlan $clipDown,
        public int $visits,
    ) {}
}
