<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\FindingKind;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\Marks\Recorded;
use HoundCheck\Core\Plan\Choices;
use HoundCheck\Core\Plan\CoatReport;
use HoundCheck\Core\Plan\Frontier\Wishes;
use HoundCheck\Core\Plan\Option;
use HoundCheck\Core\Plan\PlanTotals;
use HoundCheck\Core\Plan\Treatment;
use HoundCheck\Core\Plan\TreatmentKind;
use HoundCheck\Core\Table\BathGate;
use HoundCheck\Core\Table\Borne;
use HoundCheck\Core\Table\SectionRun;

/**
 * What follows from a visit by the house's rules: what was found, the plan as it stands, what the dog has borne, the gate.
 *
 * Before the work begins the plan is the inspection's. Once it has begun, it is the plan from here: what is done stays
 * done and costs nothing any more, a place where the comb stopped is graded anew, and the rest has to fit into what is
 * left of the table time and of the dog's tolerance.
 */
final readonly class VisitReport
{
    /**
     * @param CoatReport $found by the inspection
     * @param CoatReport $work the same, with what the comb found at the table: what each place asks as a whole
     * @param CoatReport $report from here
     * @param PlanTotals $totals of what is chosen, from here
     * @param list<Section> $held left alone until a vet has looked
     */
    private function __construct(
        public VisitState $state,
        public HouseRules $rules,
        public CoatReport $found,
        public CoatReport $work,
        public CoatReport $report,
        public PlanTotals $totals,
        public Borne $borne,
        public array $held,
        private \DateTimeZone $salon,
    ) {}

    /** @param array<string, list<FindingKind>> $carried findings still open from earlier visits, by section id */
    public static function of(VisitState $state, HouseRules $rules, array $carried, \DateTimeZone $salon): self
    {
        $found = CoatReport::of($state->toCase($rules, $carried), $rules);
        if (! $state->run->hasBegun()) {
            return new self($state, $rules, $found, $found, $found, PlanTotals::of($found, self::chosen($state, $found)), Borne::of($state->run, $found, $state->choices()), self::heldIn($found), $salon);
        }
        $case = $state->toCaseAtTheTable($rules, $carried);
        $now = $state->run->wasGradedAnew() ? CoatReport::of($case, $rules) : $found;
        $borne = Borne::of($state->run, $now, $state->choices());
        if ($borne->isSpent()) {
            $case = $state->toCaseAtTheTable($rules, $carried, true);
        }
        $done = self::done($state, $now);
        $report = ($borne->isSpent() ? CoatReport::of($case, $rules) : $now)->fromHere($case, $done, $borne->left());
        $choices = Choices::of([...self::chosen($state, $report)->bySection, ...array_map(fn(Option $option): Treatment => $option->treatment, $done)]);

        return new self($state, $rules, $found, $now, $report, PlanTotals::of($report, $choices), $borne, self::heldIn($report), $salon);
    }

    /** What is fixed and can still be had: a treatment that is no longer offered, or is done, holds up no plan. */
    public function wishes(): Wishes
    {
        $wishes = $this->state->wishes();
        $offered = fn(Treatment $treatment, string $id): bool => ($this->report->options[$id] ?? null)?->find($treatment) !== null;

        return new Wishes(array_filter($wishes->locked, $offered, ARRAY_FILTER_USE_BOTH), $wishes->even);
    }

    /** Minutes that the work at a section is reckoned at as a whole, uncorrected; null where nothing is decided. */
    public function sectionMinutes(Section $section): ?float
    {
        $treatment = $this->totals->choices->for($section);

        return $treatment === null ? null : (($this->work->options[$section->value] ?? null)?->find($treatment) ?? $this->foundOption($section, $treatment))?->minutes;
    }

    /** Minutes of the whole brush-out as it is planned and done, uncorrected. */
    public function minutes(): float
    {
        return array_sum(array_map(fn(Section $section): float => $this->sectionMinutes($section) ?? 0.0, Section::cases()));
    }

    /** Minutes left at the table, uncorrected: of a section in hand the lines that are left. */
    public function minutesLeft(): float
    {
        $left = 0.0;
        foreach (Section::cases() as $section) {
            $here = $this->state->run->at($section);
            if (! $here->isDone()) {
                $part = 1 - min(1.0, count($here->lines) / $this->report->effort->geometry($section)->lines);
                $left += ($this->sectionMinutes($section) ?? 0.0) * $part;
            }
        }

        return $left;
    }

    /** A time as the salon's day, such as 2026-06-09. */
    public function dayOf(\DateTimeImmutable $time): string
    {
        return $time->setTimezone($this->salon)->format('Y-m-d');
    }

    /** The gate as it stands at a time. */
    public function gate(\DateTimeImmutable $now): BathGate
    {
        return BathGate::of(
            $this->state->run,
            array_map(fn(Recorded $check): \DateTimeImmutable => $check->at, $this->state->checks),
            $this->found->grades,
            $this->totals,
            $this->held,
            $this->state->leftAt,
            $now,
            $this->salon,
        );
    }

    /** The gate was opened, and still is at a time. After the bath nothing shuts it any more. */
    public function isCleared(\DateTimeImmutable $now): bool
    {
        return $this->gate($now)->isCleared($this->state->bath, $this->state->leftAt, $now, $this->salon);
    }

    /** @return list<Section> clipped beyond what was allowed on arrival, and once the work has begun beyond what was agreed since */
    public function asks(): array
    {
        return $this->state->run->hasBegun() ? $this->state->beyondAgreement($this->totals->choices, $this->rules) : $this->totals->beyondPermission;
    }

    public function isAgreed(): bool
    {
        return $this->state->isAgreed($this->totals->choices, $this->rules);
    }

    public function stage(\DateTimeImmutable $now): Stage
    {
        return $this->state->stage($this->totals->choices, $this->rules, $this->isCleared($now));
    }

    /** @return list<FindingKind> open at a section, earlier visits' included */
    public function findingsAt(Section $section): array
    {
        return $this->report->case->reading($section)->findings;
    }

    /** @return list<FindingKind> open anywhere on the dog, each once */
    public function findings(): array
    {
        $kinds = [];
        foreach ($this->report->case->sections as $reading) {
            foreach ($reading->findings as $kind) {
                $kinds[$kind->value] = $kind;
            }
        }

        return array_values($kinds);
    }

    /** Minutes of opening and thinning mats under some choices, what is done already included; the price counts them. */
    public function matMinutes(Choices $choices): float
    {
        $minutes = 0.0;
        foreach ($choices->bySection as $id => $treatment) {
            $minutes += (($this->work->options[$id] ?? null)?->find($treatment) ?? $this->foundOption(Section::from($id), $treatment))->matMinutes ?? 0.0;
        }

        return $minutes;
    }

    private function foundOption(Section $section, Treatment $treatment): ?Option
    {
        return ($this->found->options[$section->value] ?? null)?->find($treatment);
    }

    /** What is chosen where; a fixed treatment that is ruled out by now gives way to a plan that was chosen after it. */
    private static function chosen(VisitState $state, CoatReport $report): Choices
    {
        $choices = $state->choices()->bySection;
        foreach ($state->chosen as $id => $fixed) {
            $planned = $state->planChosen?->what->choices->bySection[$id] ?? null;
            $ruledOut = ($report->options[$id] ?? null)?->find($fixed->what->treatment) === null;
            if ($ruledOut && $planned !== null && $state->planChosen->at > $fixed->at) {
                $choices[$id] = $planned;
            }
        }

        return Choices::of($choices);
    }

    /** @return array<string, Option> what was done where, by section id */
    private static function done(VisitState $state, CoatReport $now): array
    {
        $done = [];
        foreach ($state->run->done() as $section) {
            $here = $state->run->at($section);
            $done[$section->value] = $here->clippedMm !== null
                ? new Option(Treatment::clip($here->clippedMm), 0.0, 0.0, min(1.0, $here->clippedMm / $now->case->dog->lengthMm($section)))
                : self::combedThrough($section, $here, $state, $now);
        }

        return $done;
    }

    /** The comb passed: the coat is kept as the plan meant to keep it. */
    private static function combedThrough(Section $section, SectionRun $here, VisitState $state, CoatReport $now): Option
    {
        $planned = $state->choices()->for($section);
        $opened = $planned !== null && in_array($planned->kind, [TreatmentKind::Demat, TreatmentKind::Thin], true);
        $treatment = match (true) {
            $opened && $here->closes() > 0 => Treatment::thin(),
            $opened => $planned,
            default => Treatment::brush(),
        };

        return new Option($treatment, 0.0, 0.0, ($now->options[$section->value] ?? null)?->find($treatment)->keep ?? 1.0);
    }

    /** @return list<Section> */
    private static function heldIn(CoatReport $report): array
    {
        return array_values(array_filter(Section::cases(), fn(Section $section): bool => $report->case->reading($section)->bladeStops
            || (($report->options[$section->value] ?? null)?->offered[0] ?? null)?->treatment->kind === TreatmentKind::Leave));
    }
}
