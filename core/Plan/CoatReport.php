<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan;

use HoundCheck\Core\Coat\BySection;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\CombCheck\Grader;
use HoundCheck\Core\CombCheck\Grading;
use HoundCheck\Core\CombCheck\MatLoad;
use HoundCheck\Core\Effort\Effort;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\House\MatSchool;
use HoundCheck\Core\Tolerance\Standing;
use HoundCheck\Core\Tolerance\Tolerance;

/** All that follows from a coat case: grades, mat load, tolerance, and for every graded section what is offered. */
final readonly class CoatReport
{
    /**
     * @param BySection<Grading> $gradings what the rule says, all 30
     * @param BySection<Grade> $grades in force, the rule's or the groomer's own
     * @param BySection<SectionOptions> $options of graded sections, and those left alone
     * @param BySection<float> $mattedShares given or assumed, 0–1
     * @param float $stoodMinutes on its feet since its last rest
     */
    private function __construct(
        public CoatCase $case,
        public HouseRules $rules,
        public BySection $gradings,
        public BySection $grades,
        public MatLoad $matLoad,
        public Tolerance $tolerance,
        public BySection $options,
        public Effort $effort,
        private BySection $mattedShares,
        public float $stoodMinutes = 0.0,
    ) {}

    /** @param self|null $before of the same dog: places that read the same are not worked out again */
    public static function of(CoatCase $case, HouseRules $rules, ?self $before = null): self
    {
        $same = $before !== null && $before->rules === $rules && $before->case->isLike($case) ? $before : null;
        $tolerance = $same->tolerance ?? Tolerance::of($case->dog, $rules->tolerance);
        $table = new TreatmentTable($case, $rules, $tolerance);
        $grader = new Grader;
        $gradings = $options = $shares = $grades = [];
        foreach (Section::cases() as $section) {
            $id = $section->value;
            $reading = $case->reading($section);
            if ($same !== null && ($same->case->reading($section) <=> $reading) === 0) {
                $gradings[$id] = $same->gradings->get($section);
                $grades[$id] = $same->grades->at($section);
                $shares[$id] = $same->mattedShares->at($section);
                $options[$id] = $same->options->at($section);

                continue;
            }
            $gradings[$id] = $grader->grade($reading->check);
            $graded = new GradedSection($section, $reading, $gradings[$id], $rules->plan);
            $grades[$id] = $graded->gradeInForce();
            $shares[$id] = $grades[$id] === null ? null : $graded->mattedShare();
            $options[$id] = $table->for($graded);
        }
        [$grades, $shares] = [self::known($grades), self::known($shares)];

        return new self(
            $case,
            $rules,
            self::known($gradings),
            $grades,
            MatLoad::of($grades, $shares),
            $tolerance,
            self::known($options),
            $same->effort ?? (new WorkCost($case->dog, $rules))->effort,
            $shares,
        );
    }

    /**
     * @template V
     *
     * @param array<string, V|null> $byId
     *
     * @return BySection<V>
     */
    private static function known(array $byId): BySection
    {
        return BySection::of(array_filter($byId, fn(mixed $one): bool => $one !== null));
    }

    private static function leastTension(SectionOptions $offer): float
    {
        return min([...array_map(fn(Option $one): float => $one->tensionMinutes, $offer->offered), INF]);
    }

    /**
     * The plan from here: what is done stays done and costs nothing any more, and the rest fits into what is left.
     *
     * @param CoatCase $case as it is now: the same places, with the table time that is left
     * @param BySection<Option> $done what was done where
     * @param float $tensionLeft tension minutes the dog may still be asked
     * @param float $stoodMinutes on its feet since its last rest: the first stretch is what is left of it
     */
    public function fromHere(CoatCase $case, BySection $done, float $tensionLeft, float $stoodMinutes): self
    {
        $options = BySection::of([
            ...$this->options->byId(),
            ...$done->map(fn(Option $option): SectionOptions => new SectionOptions([$option], []))->byId(),
        ]);
        // What clipping a tight mat pulls is asked of every dog that has one.
        $least = array_sum($options->keep(fn(SectionOptions $offer): bool => ! $offer->isStuck())->map(self::leastTension(...))->byId());
        $left = $case->demattingOver ? max($tensionLeft, $least) : $tensionLeft;

        return new self(
            $case,
            $this->rules,
            $this->gradings,
            $this->grades,
            $this->matLoad,
            $this->tolerance->with($left),
            $options,
            $this->effort,
            $this->mattedShares,
            $stoodMinutes,
        );
    }

    /**
     * Part of the coat that opening or thinning keeps at a section, 0–1, offered there or not.
     *
     * @param Grade|null $grade of what was opened
     */
    public function keptByOpening(Section $section, Treatment $treatment, ?Grade $grade): float
    {
        return match (true) {
            $treatment->kind === TreatmentKind::Brush || $grade?->isMatted() !== true => 1.0,
            default => TreatmentTable::keptByOpening($treatment, $grade, $this->mattedShares->at($section) ?? 0.0, $this->rules),
        };
    }

    public function standing(): Standing
    {
        return Standing::of($this->case->dog, $this->rules->standing);
    }

    /** Minutes of work that the slot holds, the rests of the dog taken off: that, not the slot, limits a plan. */
    public function workingMinutes(): float
    {
        return $this->standing()->workingMinutes((float) $this->case->slotMinutes, $this->stoodMinutes);
    }

    /** The part of the coat that a minute of pulling has to keep to be worth it: the more, the less this dog can bear. */
    public function keepPerTensionMinute(): float
    {
        $rules = $this->rules;
        $bears = Tolerance::of($this->case->dog, $rules->tolerance)->minutes;
        $early = $rules->schools->mats === MatSchool::ClipEarly ? $rules->plan->clipEarlyFactor : 1.0;

        return $bears > 0 ? $rules->plan->keepPerTensionMinute * $early * $rules->tolerance->baseMinutes / $bears : INF;
    }

    /** Length to match in the end, in mm: what the client wants to see, where it is shorter. */
    public function lengthInTheEndMm(Section $section, Treatment $treatment): float
    {
        return min(
            $treatment->lengthAfterMm($this->case->dog->lengthMm($section)),
            $this->case->wantedLengthMm($section, $this->rules->plan),
        );
    }

    /** The grade in force. */
    public function grade(Section $section): ?Grade
    {
        return $this->grades->at($section);
    }

    /** @return list<Section> sections without a grade: not checked, or to be combed again */
    public function missing(): array
    {
        return array_values(array_filter(Section::cases(), fn(Section $section): bool => $this->grade($section) === null));
    }

    /** @return list<Section> sections that still want the comb: without a grade, and not to be left alone */
    public function toCheck(): array
    {
        return array_values(array_filter($this->missing(), fn(Section $section): bool => ! $this->options->has($section)));
    }

    /** @return list<Section> sections for which nothing is offered: no plan can be made before that is solved */
    public function stuck(): array
    {
        return array_values(array_filter(
            Section::cases(),
            fn(Section $section): bool => $this->options->at($section)?->isStuck() === true,
        ));
    }
}
