<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\CombCheck\Grader;
use HoundCheck\Core\CombCheck\Grading;
use HoundCheck\Core\CombCheck\MatLoad;
use HoundCheck\Core\Effort\Effort;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\Tolerance\Tolerance;

/** All that follows from a coat case: grades, mat load, tolerance, and for every graded section what is offered. */
final readonly class CoatReport
{
    /**
     * @param array<string, Grading> $gradings what the rule says, by section id, all 30
     * @param array<string, Grade> $grades in force, the rule's or the groomer's own, by section id
     * @param array<string, SectionOptions> $options by section id: graded sections, and those left alone
     * @param array<string, float> $mattedShares given or assumed, 0–1, by section id
     */
    private function __construct(
        public CoatCase $case,
        public HouseRules $rules,
        public array $gradings,
        public array $grades,
        public MatLoad $matLoad,
        public Tolerance $tolerance,
        public array $options,
        public Effort $effort,
        private array $mattedShares,
    ) {}

    /** @param self|null $before of the same dog: places that read the same are not worked out again */
    public static function of(CoatCase $case, HouseRules $rules, ?self $before = null): self
    {
        $same = $before !== null && $before->rules === $rules && $before->case->isLike($case) ? $before : null;
        $table = new TreatmentTable($case, $rules);
        $grader = new Grader;
        $gradings = $options = $shares = $grades = [];
        foreach (Section::cases() as $section) {
            $reading = $case->reading($section);
            if ($same !== null && ($same->case->reading($section) <=> $reading) === 0) {
                $id = $section->value;
                $gradings[$id] = $same->gradings[$id];
                if (isset($same->grades[$id])) {
                    $grades[$id] = $same->grades[$id];
                    $shares[$id] = $same->mattedShares[$id];
                }
                if (isset($same->options[$id])) {
                    $options[$id] = $same->options[$id];
                }

                continue;
            }
            $grading = $grader->grade($reading->check);
            $graded = new GradedSection($section, $reading, $grading, $rules->plan);
            $gradings[$section->value] = $grading;
            $grade = $graded->gradeInForce();
            if ($grade !== null) {
                $grades[$section->value] = $grade;
                $shares[$section->value] = $graded->mattedShare();
            }
            $offer = $table->for($graded);
            if ($offer !== null) {
                $options[$section->value] = $offer;
            }
        }

        return new self(
            $case,
            $rules,
            $gradings,
            $grades,
            MatLoad::of($grades, $shares),
            $same->tolerance ?? Tolerance::of($case->dog, $rules->tolerance),
            $options,
            $same->effort ?? new Effort($case->dog, $rules->effort),
            $shares,
        );
    }

    /**
     * The plan from here: what is done stays done and costs nothing any more, and the rest fits into what is left.
     *
     * @param CoatCase $case as it is now: the same places, with the table time that is left
     * @param array<string, Option> $done by section id
     * @param float $tensionLeft tension minutes the dog may still be asked
     */
    public function fromHere(CoatCase $case, array $done, float $tensionLeft): self
    {
        $options = $this->options;
        foreach ($done as $id => $option) {
            $options[$id] = new SectionOptions([$option], []);
        }
        // What clipping a tight mat pulls is asked of every dog that has one.
        $least = array_sum(array_map(fn(SectionOptions $offer): float => min([...array_map(fn(Option $one): float => $one->tensionMinutes, $offer->offered), INF]), array_filter($options, fn(SectionOptions $offer): bool => ! $offer->isStuck())));
        $left = $case->demattingOver ? max($tensionLeft, $least) : $tensionLeft;

        return new self($case, $this->rules, $this->gradings, $this->grades, $this->matLoad, $this->tolerance->with($left), $options, $this->effort, $this->mattedShares);
    }

    /** The grade in force. */
    public function grade(Section $section): ?Grade
    {
        return $this->grades[$section->value] ?? null;
    }

    /** @return list<Section> sections without a grade: not checked, or to be combed again */
    public function missing(): array
    {
        return array_values(array_filter(Section::cases(), fn(Section $section): bool => $this->grade($section) === null));
    }

    /** @return list<Section> sections that still want the comb: without a grade, and not to be left alone */
    public function toCheck(): array
    {
        return array_values(array_filter($this->missing(), fn(Section $section): bool => ! isset($this->options[$section->value])));
    }

    /** @return list<Section> sections for which nothing is offered: no plan can be made before that is solved */
    public function stuck(): array
    {
        return array_values(array_filter(
            Section::cases(),
            fn(Section $section): bool => ($this->options[$section->value] ?? null)?->isStuck() === true,
        ));
    }
}
