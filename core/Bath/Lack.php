<?php

declare(strict_types=1);

namespace HoundCheck\Core\Bath;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\Marks\Words\HeldWay;

/** One thing that keeps the bath gate shut. */
final readonly class Lack
{
    /**
     * @param Grade|null $grade as the comb found it last
     * @param bool $waivable a groomer may answer for it with a name and a reason
     * @param list<HeldWay> $ways how the bath may go round a place that is left alone
     */
    public function __construct(
        public LackReason $reason,
        public Section $section,
        public ?Grade $grade,
        public bool $waivable,
        public array $ways = [],
    ) {}
}
