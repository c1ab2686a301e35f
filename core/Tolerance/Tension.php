<?php

declare(strict_types=1);

namespace HoundCheck\Core\Tolerance;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\House\ToleranceRules;

/** Minutes of pulling, weighted by how tender the place is: what the dog bears. */
final readonly class Tension
{
    public function __construct(private ToleranceRules $rules) {}

    /** @param Grade $grade Tangle to Tight mat */
    public function ofDematting(Section $section, Grade $grade, float $matMinutes): float
    {
        return $matMinutes * $section->facts()->tender * $this->rules->pullByGrade[$grade->value];
    }

    /** Clipping pulls only where the mat is tight. */
    public function ofClipping(Section $section, Grade $grade, float $clipMinutes): float
    {
        return $grade->atLeast(Grade::TightMat) ? $this->rules->clipTension * $clipMinutes * $section->facts()->tender : 0.0;
    }
}
