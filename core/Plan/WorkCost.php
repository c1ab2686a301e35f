<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\Dog\Dog;
use HoundCheck\Core\Effort\Effort;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\House\MatSchool;
use HoundCheck\Core\Tolerance\Tension;

/** What work at one section takes and asks, by the house's rules; the plan reckons with it and the ledger keeps it. */
final readonly class WorkCost
{
    public Effort $effort;

    private Tension $tension;

    public function __construct(Dog $dog, private HouseRules $rules)
    {
        $this->effort = new Effort($dog, $rules->effort, $rules->schools->mats === MatSchool::SplittingToolAllowed);
        $this->tension = new Tension($rules->tolerance, $dog->inSeason);
    }

    public function brushing(Section $section): Work
    {
        return new Work($this->effort->lineMinutes($section), 0.0, 0.0);
    }

    /**
     * Opening or thinning every mat of a section and brushing it through.
     *
     * @param Grade $grade Tangle to Tight mat
     * @param float $mattedShare 0–1
     * @param bool $red the skin is red there
     */
    public function opening(Section $section, Grade $grade, float $mattedShare, bool $thins, bool $red = false): Work
    {
        $factor = $thins ? $this->rules->effort->thinningFactor : 1.0;
        $mat = $this->effort->matMinutes($section, $grade, $mattedShare);

        return new Work(
            $this->effort->lineMinutes($section) + $factor * $mat,
            $factor * $mat,
            $factor * $this->tension->ofDematting($section, $grade, $mat, $red),
        );
    }

    /**
     * Matted hair is clipped off at the table; hair that combs out is brushed through, and cut after the dryer as finish work.
     *
     * @param float $mattedShare 0–1
     * @param float|null $liftMm given or assumed; null: nobody knows
     */
    public function clipping(Section $section, Grade $grade, float $mattedShare, ?float $liftMm): Work
    {
        if (! $grade->isMatted()) {
            return $this->brushing($section);
        }
        $minutes = $this->effort->clipMinutes($section, $grade, $mattedShare);

        return new Work($minutes, 0.0, $this->tension->ofClipping($section, $grade, $minutes, $liftMm));
    }

    /**
     * Tension minutes of so many minutes of pulling at mats.
     *
     * @param bool $red the skin is red there
     */
    public function pulling(Section $section, Grade $grade, float $minutes, bool $red): float
    {
        // Hair that is worked at is a tangle at least; a pelt is not opened, and whoever tries pulls as at a tight mat.
        $pulls = match (true) {
            ! $grade->isMatted() => Grade::Tangle,
            $grade === Grade::Pelted => Grade::TightMat,
            default => $grade,
        };

        return $this->tension->ofDematting($section, $pulls, $minutes, $red);
    }
}
