<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan;

use HoundCheck\Core\Coat\EvenGroup;

/** Why one section is treated as it is in a plan, with the figures that decided. */
final readonly class SectionReason
{
    /**
     * @param BarReason|null $bar what rules opening out
     * @param float|null $barFound the figure of this dog that rules it out (mm, or tension minutes)
     * @param float|null $barLimit what it is held against
     * @param bool $barAssumed nobody measured that figure
     * @param NotOffered|null $length what keeps the next longer cutter away; null: it could be taken, or there is none
     * @param float|null $openingTension tension minutes that opening would ask, or asks
     * @param float|null $sparedTension tension minutes spared against the way that keeps more
     * @param EvenGroup|null $matches the places it must match
     * @param list<WhatWouldChange> $changes
     */
    public function __construct(
        public WhyTreated $why,
        public ?BarReason $bar = null,
        public ?NotOffered $length = null,
        public ?float $openingTension = null,
        public ?float $sparedTension = null,
        public ?EvenGroup $matches = null,
        public array $changes = [],
        public ?float $barFound = null,
        public ?float $barLimit = null,
        public bool $barAssumed = false,
    ) {}
}
