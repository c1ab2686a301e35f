<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

use HoundCheck\Core\Coat\BySection;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grade;

/** Which cuts are made when: matted hair is clipped off at the table, clean coat is cut after the dryer as finish work. */
final readonly class Cuts
{
    public function __construct(private VisitReport $visit) {}

    /** What is planned here is a cut of hair that combs out. */
    public function waitsForTheDryer(Section $section): bool
    {
        return $this->plannedMm($section) !== null && $this->visit->withTable->grade($section)?->isMatted() === false;
    }

    /** A longer cut where the comb held or stopped is no proof yet: it goes through after it. In mm; null: it glides here. */
    public function combAfterMm(Section $section): ?float
    {
        $holds = $this->visit->fromHere->grade($section)?->atLeast(Grade::Drag) === true && ! $this->visit->state->run->at($section)->combedOut;

        return $holds ? $this->visit->rules->plan->fineTeethMm : null;
    }

    /** @return BySection<float> on clean coat, planned and not made yet: length to cut to, in mm */
    public function onCleanCoat(): BySection
    {
        $cuts = [];
        foreach (Section::cases() as $section) {
            $mm = $this->plannedMm($section);
            if ($mm !== null && $this->waitsForTheDryer($section) && ($this->visit->state->run->at($section)->cutMm() ?? INF) > $mm) {
                $cuts[$section->value] = $mm;
            }
        }

        return BySection::of($cuts);
    }

    /** Mean by share of the body of what is left when the dryer comes: clipped off, or planned to be, before the bath. In mm. */
    public function lengthAtTheDryerMm(): float
    {
        $length = 0.0;
        foreach (Section::cases() as $section) {
            $now = $this->visit->fromHere->case->dog->lengthMm($section);
            $cut = $this->waitsForTheDryer($section)
                ? null
                : ($this->visit->state->run->at($section)->cutMm() ?? $this->visit->totals->choices->for($section)?->clipMm);
            $length += $section->share() * min($now, $cut ?? $now);
        }

        return $length;
    }

    private function plannedMm(Section $section): ?float
    {
        return $this->visit->state->planned->choices()->for($section)?->clipMm;
    }
}
