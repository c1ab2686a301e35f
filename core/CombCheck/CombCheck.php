<?php

declare(strict_types=1);

namespace HoundCheck\Core\CombCheck;

/** What hands and comb found at one section. Null means: not answered. */
final readonly class CombCheck
{
    /**
     * @param float|null $mattedShare part of the section's area that is matted, 0–1
     * @param float|null $largestMm the largest mat, mm
     * @param float|null $liftMm gap between the skin and the base of the mat, mm
     * @param bool $tender the dog minds it here
     *
     * @throws InvalidCombCheck
     */
    public function __construct(
        public ?Comb $comb = null,
        public ?SkinLine $skinLine = null,
        public FineComb $fine = FineComb::NotUsed,
        public ?Opens $opens = null,
        public ?float $mattedShare = null,
        public ?float $largestMm = null,
        public ?float $liftMm = null,
        public bool $tender = false,
    ) {
        if ($mattedShare !== null && ($mattedShare < 0 || $mattedShare > 1)) {
            throw InvalidCombCheck::shareOutOfRange();
        }
        if ($largestMm !== null && $largestMm < 0) {
            throw InvalidCombCheck::negativeLength('largest_mm');
        }
        if ($liftMm !== null && $liftMm < 0) {
            throw InvalidCombCheck::negativeLength('lift_mm');
        }
    }

    /** @param array<string, mixed> $answers replaces the named answers */
    public function with(array $answers): self
    {
        return new self(...array_merge(get_object_vars($this), $answers));
    }
}
