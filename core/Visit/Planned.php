<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

use HoundCheck\Core\Coat\BySection;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\Marks\Kinds\BladeTried;
use HoundCheck\Core\Marks\Kinds\CombChecked;
use HoundCheck\Core\Marks\Kinds\EvenWanted;
use HoundCheck\Core\Marks\Kinds\FeetPlanned;
use HoundCheck\Core\Marks\Kinds\PlanChosen;
use HoundCheck\Core\Marks\Kinds\TreatmentChosen;
use HoundCheck\Core\Marks\Kinds\TreatmentFreed;
use HoundCheck\Core\Marks\Kinds\VisitSplit;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Plan\BladeTest;
use HoundCheck\Core\Plan\BladeTry;
use HoundCheck\Core\Plan\Choices;
use HoundCheck\Core\Plan\Frontier\Wishes;
use HoundCheck\Core\Plan\SectionOptions;
use HoundCheck\Core\Plan\Treatment;

/** What was decided about the coat: a plan, and over it what the groomer fixed section by section. */
final readonly class Planned
{
    /**
     * @param array<string, Mark<TreatmentChosen>> $fixed where the groomer fixed a treatment, the latest by section id
     * @param list<string> $fixedBefore ids of sections whose treatment was fixed before the plan was chosen
     * @param Mark<PlanChosen>|null $chosen the latest
     * @param Mark<VisitSplit>|null $split the latest: places left for a later visit
     * @param Mark<EvenWanted>|null $even the latest
     * @param Mark<FeetPlanned>|null $feet the latest
     * @param array<string, list<Mark<BladeTried>>> $tries blades by section id, in order
     * @param array<string, int> $oldTries how many of them were made before the comb was drawn there last
     */
    public function __construct(
        public array $fixed = [],
        private array $fixedBefore = [],
        public ?Mark $chosen = null,
        public ?Mark $split = null,
        public ?Mark $even = null,
        public ?Mark $feet = null,
        public array $tries = [],
        private array $oldTries = [],
    ) {}

    /** @param Mark<Payload> $mark that counts */
    public function after(Mark $mark): self
    {
        $what = $mark->what;
        $id = (string) $mark->section?->value;

        return match (true) {
            $what instanceof TreatmentChosen => $this->with(
                fixed: [...$this->fixed, $id => $mark->of(TreatmentChosen::class)],
                fixedBefore: array_values(array_diff($this->fixedBefore, [$id])),
            ),
            $what instanceof TreatmentFreed => $this->with(fixed: array_diff_key($this->fixed, [$id => true])),
            $what instanceof PlanChosen => $this->with(fixedBefore: array_keys($this->fixed), chosen: $mark->of(PlanChosen::class)),
            $what instanceof VisitSplit => $this->with(split: $mark->of(VisitSplit::class)),
            $what instanceof EvenWanted => $this->with(even: $mark->of(EvenWanted::class)),
            $what instanceof FeetPlanned => $this->with(feet: $mark->of(FeetPlanned::class)),
            $what instanceof BladeTried => $this->with(
                tries: [...$this->tries, $id => [...($this->tries[$id] ?? []), $mark->of(BladeTried::class)]],
            ),
            $what instanceof CombChecked => $this->with(oldTries: [...$this->oldTries, $id => count($this->tries[$id] ?? [])]),
            default => $this,
        };
    }

    /** The chosen plan, and over it what the groomer fixed section by section. */
    public function choices(): Choices
    {
        return Choices::of([...($this->chosen?->what->choices->bySection ?? []), ...$this->treatments()]);
    }

    /** @return array<string, Treatment> fixed, by section id */
    public function treatments(): array
    {
        return array_map(fn(Mark $fixed): Treatment => $fixed->what->treatment, $this->fixed);
    }

    public function wishes(): Wishes
    {
        return new Wishes($this->treatments(), $this->even->what->groups ?? []);
    }

    /**
     * What is chosen where; a fixed treatment that is ruled out by now gives way to a plan that was chosen after it.
     *
     * @param BySection<SectionOptions> $options
     */
    public function choicesAmong(BySection $options): Choices
    {
        $choices = $this->choices()->bySection;
        foreach ($this->fixedBefore as $id) {
            $planned = $this->chosen?->what->choices->bySection[$id] ?? null;
            $fixed = $this->fixed[$id] ?? null;
            if ($planned !== null && $fixed !== null && $options->at(Section::from($id))?->find($fixed->what->treatment) === null) {
                $choices[$id] = $planned;
            }
        }

        return Choices::of($choices);
    }

    /** Blades tried at a section since it was combed last. */
    public function bladeTest(Section $section, HouseRules $rules): BladeTest
    {
        $tries = array_slice($this->tries[$section->value] ?? [], $this->oldTries[$section->value] ?? 0);

        return new BladeTest(array_map(fn(Mark $tried): BladeTry => $tried->what->try, $tries), $rules->kit, $rules->plan->shortestClipMm);
    }

    /**
     * Where something takes the place of what was decided; nothing here is ever taken away.
     *
     * @param array<string, Mark<TreatmentChosen>>|null $fixed
     * @param list<string>|null $fixedBefore
     * @param Mark<PlanChosen>|null $chosen
     * @param Mark<VisitSplit>|null $split
     * @param Mark<EvenWanted>|null $even
     * @param Mark<FeetPlanned>|null $feet
     * @param array<string, list<Mark<BladeTried>>>|null $tries
     * @param array<string, int>|null $oldTries
     */
    private function with(
        ?array $fixed = null,
        ?array $fixedBefore = null,
        ?Mark $chosen = null,
        ?Mark $split = null,
        ?Mark $even = null,
        ?Mark $feet = null,
        ?array $tries = null,
        ?array $oldTries = null,
    ): self {
        return new self(
            $fixed ?? $this->fixed,
            $fixedBefore ?? $this->fixedBefore,
            $chosen ?? $this->chosen,
            $split ?? $this->split,
            $even ?? $this->even,
            $feet ?? $this->feet,
            $tries ?? $this->tries,
            $oldTries ?? $this->oldTries,
        );
    }
}
