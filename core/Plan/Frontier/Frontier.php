<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan\Frontier;

/** Every plan that no other beats on both coat kept and tension, from the least tension to the most coat kept. */
final readonly class Frontier
{
    /** @param list<FrontierPlan> $plans keep and tension both rising; empty when nothing is feasible */
    public function __construct(public array $plans) {}

    public function isEmpty(): bool
    {
        return $this->plans === [];
    }

    /** Least tension; of those the most coat. */
    public function easiest(): ?FrontierPlan
    {
        return $this->plans[0] ?? null;
    }

    /** Most coat kept. */
    public function keepsMost(): ?FrontierPlan
    {
        return $this->plans[count($this->plans) - 1] ?? null;
    }

    /** Largest part of the coat to be gained minus part of the pulling to be borne, both 0–1 over the frontier. */
    public function balanced(): ?FrontierPlan
    {
        $easiest = $this->easiest();
        $most = $this->keepsMost();
        if ($easiest === null || $most === null) {
            return null;
        }
        $coat = $most->keepShare - $easiest->keepShare;
        $pulling = $most->tensionMinutes - $easiest->tensionMinutes;
        $best = $easiest;
        $bestGain = 0.0;
        foreach ($this->plans as $plan) {
            $gain = $coat > 0
                ? ($plan->keepShare - $easiest->keepShare) / $coat - ($plan->tensionMinutes - $easiest->tensionMinutes) / $pulling
                : 0.0;
            if ($gain > $bestGain) {
                [$best, $bestGain] = [$plan, $gain];
            }
        }

        return $best;
    }
}
