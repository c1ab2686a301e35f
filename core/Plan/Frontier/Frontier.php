<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan\Frontier;

use HoundCheck\Core\Plan\PlanAim;

/** Every plan that no other beats on both coat kept and tension, from the least tension to the most coat kept. */
final readonly class Frontier
{
    private const NEARLY_KEEP = 0.01;

    private const NEARLY_MINUTES = 1.0;

    /**
     * @param list<FrontierPlan> $plans keep and tension both rising; empty when nothing is feasible
     * @param float $keepPerTensionMinute part of the coat that a minute of pulling has to keep to be worth it
     */
    public function __construct(public array $plans, private float $keepPerTensionMinute = 0.0) {}

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

    /** Worth the pulling: each minute of it keeps at least so much of the coat that shows; of equals the one that pulls less. */
    public function balanced(): ?FrontierPlan
    {
        $best = $this->easiest();
        if ($best === null || is_infinite($this->keepPerTensionMinute)) {
            return $best;
        }
        $worth = fn(FrontierPlan $plan): float => $plan->keepShare - $this->keepPerTensionMinute * $plan->tensionMinutes;
        foreach ($this->plans as $plan) {
            $best = $worth($plan) > $worth($best) ? $plan : $best;
        }

        return $best;
    }

    /**
     * The named plans, from the least pulling; those that differ by less than a hundredth of the coat and a minute of
     * pulling are one, and then it is the one that is worth the pulling.
     *
     * @return list<NamedPlan>
     */
    public function named(): array
    {
        $named = [];
        $plans = [[PlanAim::Easiest, $this->easiest()], [PlanAim::Balanced, $this->balanced()], [PlanAim::KeepCoat, $this->keepsMost()]];
        foreach ($plans as [$aim, $plan]) {
            if ($plan === null) {
                continue;
            }
            $last = array_pop($named);
            array_push($named, ...match (true) {
                $last === null => [new NamedPlan($plan, [$aim])],
                ! self::isNearlySame($last->plan, $plan) => [$last, new NamedPlan($plan, [$aim])],
                default => [new NamedPlan($aim === PlanAim::Balanced ? $plan : $last->plan, [...$last->aims, $aim])],
            });
        }

        return $named;
    }

    private static function isNearlySame(FrontierPlan $one, FrontierPlan $other): bool
    {
        return abs($one->keepShare - $other->keepShare) < self::NEARLY_KEEP
            && abs($one->tensionMinutes - $other->tensionMinutes) < self::NEARLY_MINUTES;
    }
}
