<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan\Frontier;

/**
 * Part plans side by side: what each keeps, pulls and takes, and which part plan and pick it came from.
 *
 * Figures are whole numbers of tiny units (see `Scale`), so that sums are exact and equal plans are equal. The columns
 * are arrays of one length; the order is by tension, least first.
 */
final class Labels
{
    /**
     * @param list<int> $keep
     * @param list<int> $tension
     * @param list<int> $minutes
     * @param list<int> $parents index into the labels it was made from
     * @param list<int> $picks index of what was added
     */
    public function __construct(
        public array $keep = [],
        public array $tension = [],
        public array $minutes = [],
        public array $parents = [],
        public array $picks = [],
    ) {}

    /** The plan in which nothing is chosen yet. */
    public static function nothingYet(): self
    {
        return new self([0], [0], [0], [-1], [-1]);
    }

    public function count(): int
    {
        return count($this->keep);
    }
}
