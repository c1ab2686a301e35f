<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day;

use HoundCheck\Core\Effort\GroomerClocks;
use HoundCheck\Core\House\DayRules;

/** How much the minutes of each step stray: by the groomer's own clocks, by the house's rule where these know too little. */
final readonly class Spreads
{
    public function __construct(private DayRules $rules, private GroomerClocks $clocks) {}

    public function of(Step $step): float
    {
        $own = match ($step) {
            Step::Brush => $this->clocks->table,
            Step::Dry => $this->clocks->drying,
            Step::Finish => $this->clocks->finish,
            default => null,
        };

        return $own?->spread() ?? $this->rules->spreadByStep[$step->value];
    }
}
