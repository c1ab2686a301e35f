<?php

declare(strict_types=1);

namespace HoundCheck\Core\Memory;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grade;

/** What one inspection tells of the days before it: for each section whose last comb-out is known, the grade it came to. */
final readonly class PastInterval
{
    /**
     * @param array<string, float> $lengthsMm of all 30 sections in the middle of the interval, by section id
     * @param array<string, array{float, Grade}> $sections by section id: days since the last comb-out or clip, over 0, and the
     *                                                     grade in force
     * @param bool $washedOverKnots washed and air-dried over knots at home: what was a mat is a grade tighter
     */
    public function __construct(
        public LifeAtHome $life,
        public array $lengthsMm,
        public array $sections,
        public bool $washedOverKnots = false,
    ) {}

    /**
     * Days and the grade that it would have come to dry.
     *
     * @return array{float, Grade}|null null: nobody knows
     */
    public function at(Section $section): ?array
    {
        $known = $this->sections[$section->value] ?? null;
        if ($known === null) {
            return null;
        }
        [$days, $grade] = $known;

        return [$days, $this->washedOverKnots && $grade->atLeast(Grade::Mat) ? Grade::from($grade->value - 1) : $grade];
    }
}
