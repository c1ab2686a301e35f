<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan\Frontier;

use HoundCheck\Core\Coat\EvenGroup;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Plan\Treatment;

/** What the groomer fixed beforehand: a section's treatment, or one length for all places that must match. */
final readonly class Wishes
{
    /**
     * @param array<string, Treatment> $fixed by section id
     * @param list<EvenGroup> $even groups of one length
     */
    public function __construct(public array $fixed = [], public array $even = []) {}

    public function isNone(): bool
    {
        return $this->fixed === [] && $this->even === [];
    }

    public function fixedAt(Section $section): ?Treatment
    {
        return $this->fixed[$section->value] ?? null;
    }

    public function wantsEven(EvenGroup $group): bool
    {
        return in_array($group, $this->even, true);
    }
}
