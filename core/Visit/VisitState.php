<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

use HoundCheck\Core\Arrival\AtArrival;
use HoundCheck\Core\Bath\BathRun;
use HoundCheck\Core\Coat\BySection;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\FindingKind;
use HoundCheck\Core\Dog\Dog;
use HoundCheck\Core\Home\Leaving;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\Inspection\Combed;
use HoundCheck\Core\Inspection\Findings;
use HoundCheck\Core\Marks\Kinds\HandedOver;
use HoundCheck\Core\Marks\Kinds\Stopped;
use HoundCheck\Core\Plan\CoatCase;
use HoundCheck\Core\Plan\GradedSection;
use HoundCheck\Core\Plan\Treatment;
use HoundCheck\Core\Plan\TreatmentKind;
use HoundCheck\Core\Plan\TreatmentTable;
use HoundCheck\Core\Table\TableRun;
use HoundCheck\Core\Tolerance\Tolerance;

/** A visit as it stands: the fold of its marks. The same marks in the same order always give the same state. */
final readonly class VisitState
{
    public function __construct(
        public AtArrival $arrival,
        public Combed $combed,
        public Findings $findings,
        public Kept $kept,
        public Planned $planned,
        public Agreement $agreement,
        public TableRun $run,
        public BathRun $bath,
        public Leaving $leaving,
        public Hands $hands,
    ) {}

    public function dog(): Dog
    {
        return $this->arrival->dog();
    }

    /** @return list<Section> left for a later visit, as it is planned now and nothing was done there: no bath before the last */
    public function later(): array
    {
        $choices = $this->planned->choices();

        return array_values(array_filter(
            $this->planned->split->what->later ?? [],
            fn(Section $section): bool => $choices->for($section)?->kind === TreatmentKind::Leave && ! $this->run->at($section)->isDone(),
        ));
    }

    /** What is planned at a section: chosen, or the only way there is. */
    public function plannedAt(Section $section, GradedSection $graded, HouseRules $rules): ?Treatment
    {
        $id = $section->value;
        $planned = $this->planned->chosen?->what->choices->bySection[$id] ?? null;
        $fixed = ($this->planned->fixed[$id] ?? null)?->what->treatment;
        if ($fixed === null && $planned !== null) {
            return $planned;
        }
        $case = new CoatCase($this->dog(), $rules->kit, $this->arrival->slotMinutes(), $this->arrival->consent(), []);
        $table = new TreatmentTable($case, $rules, Tolerance::of($case->dog, $rules->tolerance));
        if ($fixed === null) {
            return $table->assumed($graded);
        }
        $options = $table->for($graded);

        return $this->planned->choicesAmong(BySection::of($options === null ? [] : [$id => $options]))->for($section);
    }

    /**
     * @param bool $agreed the client's yes covers what is planned
     * @param bool $cleared the bath gate was opened and still is
     */
    public function stage(bool $agreed, bool $cleared): Stage
    {
        return match (true) {
            $this->leaving->closing?->what instanceof Stopped => Stage::Stopped,
            $this->leaving->closing?->what instanceof HandedOver => Stage::Collected,
            $this->bath->signedOff !== null => Stage::Finished,
            $this->bath->isBathed() && $this->bath->isDry() => Stage::Dried,
            $this->bath->isBathed() => Stage::Bathed,
            $cleared || $this->bath->isWet() => Stage::Cleared,
            $this->run->hasBegun() => Stage::Brushing,
            $agreed => Stage::Agreed,
            $this->agreement->latest !== null => Stage::Planned,
            $this->combed->checks !== [] => Stage::Inspecting,
            default => Stage::Arrived,
        };
    }

    /** A hot spot was found under hair that had been combed or cut already. */
    public function foundHotSpotAfterWork(Section $section): bool
    {
        $proof = $this->run->at($section)->proof;
        foreach ($this->findings->noted as $id => $finding) {
            $isHotSpot = $finding->what->kind === FindingKind::HotSpot && ! $finding->what->isSpot && ! isset($this->findings->closed[$id]);
            if ($isHotSpot && $finding->section === $section && $proof !== null && $finding->at > $proof->at) {
                return true;
            }
        }

        return false;
    }
}
