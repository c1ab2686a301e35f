<?php

declare(strict_types=1);

namespace HoundCheck\Core\Arrival;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Dog\Gear;

/** One thing that the arrival answers mean for today. */
final readonly class ArrivalWarning
{
    /**
     * @param int|null $days since the last full comb-out
     * @param float|null $expectedStops sections, of 30, at which the comb is likely to stop
     * @param float|null $expectedMats sections among them that are likely mats or worse
     * @param list<Section> $sections where it matters
     */
    public function __construct(
        public ArrivalConcern $concern,
        public ?int $days = null,
        public ?float $expectedStops = null,
        public ?float $expectedMats = null,
        public ?Gear $gear = null,
        public array $sections = [],
    ) {}
}
