<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

use HoundCheck\Core\CombCheck\OpenFinding;
use HoundCheck\Core\House\HouseRules;

/** What is known beside the marks of a visit: by what rules, what was open before, and where the salon is. */
final readonly class Known
{
    /** @param array<string, array<string, OpenFinding>> $carried findings still open from earlier visits, by section id and their own */
    public function __construct(
        public HouseRules $rules = new HouseRules,
        public array $carried = [],
        public \DateTimeZone $salon = new \DateTimeZone('UTC'),
    ) {}

    /** By value. */
    public function equals(self $other): bool
    {
        return serialize($this) === serialize($other);
    }
}
