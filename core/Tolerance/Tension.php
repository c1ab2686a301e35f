<?php

declare(strict_types=1);

namespace HoundCheck\Core\Tolerance;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\CombCheck\Grader;
use HoundCheck\Core\House\ToleranceRules;

/** Minutes of pulling, weighted by how tender the place is: what the dog bears. */
final readonly class Tension
{
    /** @param bool $inSeason the groin is sorer than it is otherwise */
    public function __construct(private ToleranceRules $rules, private bool $inSeason = false) {}

    /**
     * @param Grade $grade Tangle to Tight mat
     * @param bool $red the skin is red there
     */
    public function ofDematting(Section $section, Grade $grade, float $matMinutes, bool $red = false): float
    {
        return $matMinutes * $this->tender($section) * $this->rules->pullByGrade[$grade->value]
            * ($red ? $this->rules->rednessFactor : 1.0);
    }

    /**
     * Clipping pulls only where the mat is tight, and twice as much where it is drawn up for the blade.
     *
     * @param float|null $liftMm given or assumed; null: nobody knows
     */
    public function ofClipping(Section $section, Grade $grade, float $clipMinutes, ?float $liftMm): float
    {
        if (! $grade->atLeast(Grade::TightMat)) {
            return 0.0;
        }
        $isDrawn = $grade === Grade::Pelted || ($liftMm !== null && $liftMm < Grader::TIGHT_LIFT_MM);

        return ($isDrawn ? $this->rules->drawnClipTension : $this->rules->tightClipTension) * $clipMinutes * $this->tender($section);
    }

    private function tender(Section $section): float
    {
        return $section->facts()->tender * ($this->inSeason && $section === Section::Groin ? $this->rules->inSeasonFactor : 1.0);
    }
}
