<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan\Frontier;

use HoundCheck\Core\Plan\Choices;

/** One plan of the frontier: part of the coat kept, tension minutes, table minutes, and a treatment for every section. */
final readonly class FrontierPlan
{
    public function __construct(public float $keepShare, public float $tensionMinutes, public float $minutes, public Choices $choices) {}
}
