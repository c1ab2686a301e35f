<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan;

use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\House\Cutter;
use HoundCheck\Core\House\HouseRules;

/** The table of treatments: what each costs and keeps at a section, and what is not offered there. */
final readonly class TreatmentTable
{
    private WorkCost $cost;

    private Bars $bars;

    /** @var list<Cutter> of the kit, shortest first */
    private array $cutters;

    public function __construct(private CoatCase $case, private HouseRules $rules)
    {
        $this->cost = new WorkCost($case->dog, $rules);
        $this->bars = new Bars($case, $rules);
        $this->cutters = $case->kit->cutters();
    }

    /** Nothing is offered before the comb has graded the place, save leaving it alone. */
    public function for(GradedSection $graded): ?SectionOptions
    {
        $leave = $this->bars->leaveReason($graded->reading);
        if ($leave !== null) {
            return new SectionOptions([new Option(Treatment::leave(), 0.0, 0.0, 1.0)], $this->allBarredBy($leave, $graded));
        }
        if ($graded->gradeInForce() === null) {
            return null;
        }
        $answers = [...$this->handWork($graded), ...$this->clips($graded)];

        return new SectionOptions(
            array_values(array_filter($answers, fn(Option|NotOffered $answer): bool => $answer instanceof Option)),
            array_values(array_filter($answers, fn(Option|NotOffered $answer): bool => $answer instanceof NotOffered)),
        );
    }

    /** @return list<Option|NotOffered> brush, demat and thin, as far as the grade calls for them */
    private function handWork(GradedSection $graded): array
    {
        if (! $graded->grade()->isMatted()) {
            return [new Option(Treatment::brush(), $this->cost->brushing($graded->section)->minutes, 0.0, 1.0)];
        }
        $clipOnly = $this->bars->clipOnlyReason($graded);
        $work = [];
        foreach ($this->openingWays($graded->grade()) as $treatment) {
            $barred = $clipOnly ?? ($treatment->kind === TreatmentKind::Thin ? $this->bars->onThinning() : null);
            $work[] = $barred === null ? $this->opening($graded, $treatment) : new NotOffered($treatment, $barred);
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
        $lost = $thins ? $this->rules->plan->thinLoss : $this->rules->plan->dematLoss;
        $work = $this->cost->opening($graded->section, $grade, $share, $thins);

        return $this->bars->onTension($treatment, $work->tensionMinutes) ?? new Option(
            $treatment,
            $work->minutes,
            $work->tensionMinutes,
            1 - $share * $lost[$grade->value],
            $work->matMinutes,
        );
    }

    /** @return list<Option|NotOffered> */
    private function clips(GradedSection $graded): array
    {
        $length = $this->case->dog->lengthMm($graded->section);

        return array_map(
            fn(Cutter $cutter): Option|NotOffered => $this->bars->onClip($graded, $cutter) ?? $this->clip($graded, $cutter, $length),
            $this->cuttersThatShorten($length),
        );
    }

    private function clip(GradedSection $graded, Cutter $cutter, float $lengthMm): Option
    {
        $work = $this->cost->clipping($graded->section, $graded->grade(), $graded->mattedShare(), $cutter->isGuard);

        return new Option(Treatment::clip($cutter->mm), $work->minutes, $work->tensionMinutes, $cutter->mm / $lengthMm);
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
