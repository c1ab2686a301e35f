<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day;

use HoundCheck\Core\Effort\GroomerClocks;
use HoundCheck\Core\House\DayRules;

/** How much the minutes of each step stray: by the groomer's own clocks, by the house's rule where these know too little. */
final readonly class Spreads
{
    /** @param bool $isGuess nothing is planned yet: what a clock knows of planned work does not tell how far a guess is off */
    public function __construct(private DayRules $rules, private GroomerClocks $clocks, private bool $isGuess) {}

    public function of(Step $step): float
    {
        $own = match ($step) {
            Step::Brush => $this->clocks->table,
            Step::Dry => $this->clocks->drying,
            Step::Finish => $this->clocks->finish,
            default => null,
        };
        $guess = $this->isGuess ? $this->rules->guessSpreadByStep[$step->value] ?? 0.0 : 0.0;

        return hypot($own?->spread() ?? $this->rules->spreadByStep[$step->value], $guess);
    }
}
