<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan;

use HoundCheck\Core\CombCheck\FindingKind;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\House\Cutter;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\Tolerance\Tolerance;

/** The table of treatments: what each costs and keeps at a section, and what is not offered there. */
final readonly class TreatmentTable
{
    private WorkCost $cost;

    private Bars $bars;

    /** @var list<Cutter> of the kit, shortest first */
    private array $cutters;

    public function __construct(private CoatCase $case, private HouseRules $rules, Tolerance $tolerance)
    {
        $this->cost = new WorkCost($case->dog, $rules);
        $this->bars = new Bars($case, $rules, $tolerance);
        $this->cutters = $case->kit->cutters();
    }

    /** Nothing is offered before the comb has graded the place, save leaving it alone. */
    public function for(GradedSection $graded): ?SectionOptions
    {
        $grade = $graded->gradeInForce();
        $leave = $this->bars->leaveReason($graded->reading, $grade, $graded->section->part());
        if ($leave !== null) {
            return new SectionOptions([Option::leave()], $this->allBarredBy($leave, $graded));
        }
        if ($grade === null) {
            return null;
        }
        $answers = [...$this->handWork($graded), ...$this->clips($graded)];
        $offered = array_values(array_filter($answers, fn(Option|NotOffered $answer): bool => $answer instanceof Option));
        $barred = array_values(array_filter($answers, fn(Option|NotOffered $answer): bool => $answer instanceof NotOffered));

        return $offered === [] ? $this->whereNothingIsLeft($graded, $barred) : new SectionOptions($offered, $barred);
    }

    /** What is done at a place when nobody chose: as the options would have it, without working out each cut of a clear coat. */
    public function assumed(GradedSection $graded): ?Treatment
    {
        $grade = $graded->gradeInForce();

        return match (true) {
            $this->bars->leaveReason($graded->reading, $grade, $graded->section->part()) !== null => Treatment::leave(),
            $grade === null => null,
            ! $grade->isMatted() => Treatment::brush(),
            default => $this->for($graded)?->assumed()?->treatment,
        };
    }

    /**
     * A finding leaves the place to a vet; else the cuts that only the double coat spoke against, with what they do to it.
     *
     * @param list<NotOffered> $barred
     */
    private function whereNothingIsLeft(GradedSection $graded, array $barred): SectionOptions
    {
        if ($this->bars->leaveForFinding($graded->reading)) {
            return new SectionOptions([Option::leave()], $barred);
        }
        $length = $this->case->dog->lengthMm($graded->section);
        $cutters = array_filter(
            $this->cuttersThatShorten($length),
            fn(Cutter $cutter): bool => $this->bars->onClip($graded, $cutter) === null,
        );
        $clips = array_values(array_map(fn(Cutter $cutter): Option => $this->clip($graded, $cutter), $cutters));
        $codes = array_map(fn(Option $clip): string => $clip->treatment->code(), $clips);

        return new SectionOptions(
            $clips,
            array_values(array_filter($barred, fn(NotOffered $bar): bool => ! in_array($bar->treatment->code(), $codes, true))),
        );
    }

    /** @return list<Option|NotOffered> brush, demat and thin, as far as the grade calls for them */
    private function handWork(GradedSection $graded): array
    {
        if (! $graded->grade()->isMatted()) {
            return [new Option(Treatment::brush(), $this->cost->brushing($graded->section)->minutes, 0.0, 1.0)];
        }
        $barred = $this->bars->clipOnlyReason($graded) ?? $this->bars->onOpening($graded);
        $work = [];
        foreach ($this->openingWays($graded->grade()) as $treatment) {
            $work[] = match (true) {
                $barred !== null => new NotOffered($treatment, $barred),
                $treatment->kind === TreatmentKind::Thin => $this->bars->onThinning($graded) ?? $this->opening($graded, $treatment),
                default => $this->opening($graded, $treatment),
            };
        }

        return $work;
    }

    /** @return list<Treatment> */
    private function openingWays(Grade $grade): array
    {
        // A pelt is named among the ways that were ruled out, so that the reason can be shown.
        return $grade === Grade::Tangle ? [Treatment::demat()] : [Treatment::demat(), Treatment::thin()];
    }

    private function opening(GradedSection $graded, Treatment $treatment): Option|NotOffered
    {
        $grade = $graded->grade();
        $share = $graded->mattedShare();
        $thins = $treatment->kind === TreatmentKind::Thin;
        $work = $this->cost->opening($graded->section, $grade, $share, $thins, $graded->reading->has(FindingKind::Redness));

        return $this->bars->onTension($graded, $treatment, $work->tensionMinutes) ?? new Option(
            $treatment,
            $work->minutes,
            $work->tensionMinutes,
            self::keptByOpening($treatment, $grade, $share, $this->rules),
            $work->matMinutes,
        );
    }

    /**
     * Part of the coat that is kept, 0–1: 1 − f × what opening or thinning loses of matted hair.
     *
     * @param Grade $grade Tangle to Pelted; whoever opens a pelt loses at least what a tight mat does
     * @param float $mattedShare f, 0–1
     */
    public static function keptByOpening(Treatment $treatment, Grade $grade, float $mattedShare, HouseRules $rules): float
    {
        $opened = min($grade->value, Grade::TightMat->value);

        return 1 - $mattedShare * ($treatment->kind === TreatmentKind::Thin
            ? 1 - (1 - $rules->kit->closeShare) ** ($rules->plan->thinningCloses[$opened] ?? 0)
            : $rules->plan->dematLoss[$opened]);
    }

    /** @return list<Option|NotOffered> */
    private function clips(GradedSection $graded): array
    {
        return array_map(
            fn(Cutter $cutter): Option|NotOffered => $this->bars->onClip($graded, $cutter)
                ?? $this->bars->onDoubleCoat($graded, $cutter)
                ?? $this->clip($graded, $cutter),
            $this->cuttersThatShorten($this->case->dog->lengthMm($graded->section)),
        );
    }

    private function clip(GradedSection $graded, Cutter $cutter): Option
    {
        $work = $this->cost->clipping($graded->section, $graded->grade(), $graded->mattedShare(), $graded->liftMm());

        return new Option(
            Treatment::clip($cutter->mm),
            $work->minutes,
            $work->tensionMinutes,
            $this->case->keptByCutTo($cutter->mm, $graded->section, $this->rules->plan),
            bladeTestFirst: $this->bars->needsBladeTest($graded, $cutter),
        );
    }

    /** @return list<Cutter> */
    private function cuttersThatShorten(float $lengthMm): array
    {
        return array_values(array_filter(
            $this->cutters,
            fn(Cutter $cutter): bool => $cutter->mm >= $this->rules->plan->shortestClipMm && $cutter->mm < $lengthMm,
        ));
    }

    /** @return list<NotOffered> */
    private function allBarredBy(BarReason $reason, GradedSection $graded): array
    {
        $grade = $graded->gradeInForce();
        $ways = $grade?->isMatted() === true ? $this->openingWays($grade) : [Treatment::brush()];
        foreach ($this->cuttersThatShorten($this->case->dog->lengthMm($graded->section)) as $cutter) {
            $ways[] = Treatment::clip($cutter->mm);
        }

        return array_map(fn(Treatment $way): NotOffered => new NotOffered($way, $reason), $ways);
    }
}
