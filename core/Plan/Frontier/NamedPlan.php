<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan\Frontier;

use HoundCheck\Core\Plan\PlanAim;

/** A plan with its names: more than one where the named plans are nearly the same. */
final readonly class NamedPlan
{
    /** @param non-empty-list<PlanAim> $aims from the least pulling */
    public function __construct(public FrontierPlan $plan, public array $aims) {}
}
