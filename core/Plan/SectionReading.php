<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan;

use HoundCheck\Core\CombCheck\CombCheck;
use HoundCheck\Core\CombCheck\FindingKind;
use HoundCheck\Core\CombCheck\OwnGrade;

/** What is known of one section today: the comb's result, the groomer's own grade, and the open findings. */
final readonly class SectionReading
{
    /**
     * @param list<FindingKind> $findings of the whole place: rules are for these
     * @param list<FindingKind> $spots 3 cm around each are left alone, the rest is worked; they touch no treatment
     * @param bool $bladeStops the shortest planned blade was tried and stopped: nobody goes on
     */
    public function __construct(
        public CombCheck $check,
        public array $findings = [],
        public ?OwnGrade $own = null,
        public bool $bladeStops = false,
        public array $spots = [],
    ) {}

    public function has(FindingKind $kind): bool
    {
        return in_array($kind, $this->findings, true);
    }
}
