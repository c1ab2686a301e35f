<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan;

/**
 * A treatment on offer for a section: minutes of work, tension minutes for the dog, and the part of the coat kept, 0–1.
 *
 * bladeTestFirst: no cut before a try of this blade passed there.
 * matMinutes: those of the minutes that open or thin mats; the price counts them.
 */
final readonly class Option
{
    public function __construct(
        public Treatment $treatment,
        public float $minutes,
        public float $tensionMinutes,
        public float $keepShare,
        public float $matMinutes = 0.0,
        public bool $bladeTestFirst = false,
    ) {}

    /** The place is left alone: no work, no pulling, nothing lost. */
    public static function leave(): self
    {
        return new self(Treatment::leave(), 0.0, 0.0, 1.0);
    }
}
