<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan;

/** A treatment ruled out, with the rule and the figures it turned on. */
final readonly class NotOffered
{
    /**
     * @param float|null $found the figure of this dog (mm, or tension minutes)
     * @param bool $isAssumed nobody measured it: it is the rule of thumb for the grade
     */
    public function __construct(
        public Treatment $treatment,
        public BarReason $reason,
        public ?float $found = null,
        public ?float $limit = null,
        public bool $isAssumed = false,
    ) {}
}
