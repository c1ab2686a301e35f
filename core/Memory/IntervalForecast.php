<?php

declare(strict_types=1);

namespace HoundCheck\Core\Memory;

/** What to expect some weeks after the dog went home with a clear coat: means over everything known of its clock. */
final readonly class IntervalForecast
{
    /**
     * @param float $tangles sections at Tangle or worse, 0–30
     * @param float $mats sections at Mat or worse
     * @param float $matsSeen of these the ones where they show
     * @param float $tight sections at Tight mat or worse
     * @param float $lost part of the coat that shows which would have to go, 0–1
     * @param float $minutes at the table
     * @param float $tension of everything opened and clipped, in minutes
     * @param float $matMinutes of the minutes, those of opening mats
     * @param array<string, array<int, float>> $chances of each grade 2–5 or worse, by section id: what the rest was made from
     */
    public function __construct(
        public int $weeks,
        public float $tangles,
        public float $mats,
        public float $matsSeen,
        public float $tight,
        public float $lost,
        public float $minutes,
        public float $tension,
        public float $matMinutes,
        public array $chances,
    ) {}
}
