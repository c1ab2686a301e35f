<?php

declare(strict_types=1);

namespace Database\Demo;

use Random\Randomizer;

/** Chance as the demo world needs it, from one seed. */
final readonly class Dice
{
    public function __construct(private Randomizer $random) {}

    /** 0 up to, not including, 1. */
    public function chance(): float
    {
        return $this->random->getInt(0, 2 ** 31 - 1) / 2 ** 31;
    }

    public function happens(float $probability): bool
    {
        return $this->chance() < $probability;
    }

    public function between(int $least, int $most): int
    {
        return $this->random->getInt($least, $most);
    }

    /** Log-normal round 1, with this standard deviation of the logarithm. */
    public function spread(float $deviation): float
    {
        return exp($deviation * sqrt(-2 * log(1 - $this->chance())) * cos(2 * M_PI * $this->chance()));
    }
}
