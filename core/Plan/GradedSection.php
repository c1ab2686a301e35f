<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\CombCheck\Grading;
use HoundCheck\Core\House\PlanRules;

/** A section with its grade in force, the rule's or the groomer's own, and the measures a plan reckons with, given or assumed. */
final readonly class GradedSection
{
    public function __construct(
        public Section $section,
        public SectionReading $reading,
        public Grading $grading,
        private PlanRules $rules,
    ) {}

    public function gradeInForce(): ?Grade
    {
        $own = $this->reading->own;

        return $own?->holdsAgainst($this->grading) === true ? $own->grade : $this->grading->grade;
    }

    public function grade(): Grade
    {
        return $this->gradeInForce() ?? throw new \LogicException('No plan is made for a section without a grade.');
    }

    /** Matted share, 0–1; what nobody judged counts as the rule of thumb for the grade. */
    public function mattedShare(): float
    {
        return $this->reading->check->mattedShare ?? $this->rules->assumedMattedShare[$this->grade()->value] ?? 0.0;
    }

    /** Nobody measured how far the mats sit from the skin. */
    public function liftIsAssumed(): bool
    {
        return $this->reading->check->liftMm === null;
    }

    /** Lift in mm; what nobody measured counts as the rule of thumb for the grade. */
    public function liftMm(): float
    {
        return $this->reading->check->liftMm ?? $this->rules->assumedLiftMm[$this->grade()->value] ?? INF;
    }
}
