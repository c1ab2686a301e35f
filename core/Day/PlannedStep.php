<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day;

/** A step that is still to do. */
final readonly class PlannedStep
{
    /** Standard deviations from the middle of a normal distribution to where its outer tenth begins. */
    private const TENTH = 1.2815515655;

    /**
     * @param float $minutes median, 0 or more
     * @param float $spread of the logarithm of its minutes, 0 or more
     */
    public function __construct(public Step $step, public float $minutes, public float $spread) {}

    /** @return array{float, float} minutes that one in ten is under, and one in ten over */
    public function range(): array
    {
        $factor = exp(self::TENTH * $this->spread);

        return [$this->minutes / $factor, $this->minutes * $factor];
    }
}
