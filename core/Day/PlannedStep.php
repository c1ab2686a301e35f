<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day;

/** A step that is still to do. */
final readonly class PlannedStep
{
    /**
     * @param float $minutes median, 0 or more
     * @param float $spread of the logarithm of its minutes, 0 or more
     */
    public function __construct(public Step $step, public float $minutes, public float $spread) {}
}
