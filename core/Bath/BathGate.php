<?php

declare(strict_types=1);

namespace HoundCheck\Core\Bath;

use HoundCheck\Core\Coat\BySection;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\House\TableRules;
use HoundCheck\Core\Inspection\GradedAt;
use HoundCheck\Core\Marks\Words\HeldWay;
use HoundCheck\Core\Marks\Words\RunScope;
use HoundCheck\Core\Plan\PlanTotals;
use HoundCheck\Core\Plan\TreatmentKind;
use HoundCheck\Core\Table\TableRun;

/**
 * No water on the dog until every section has passed its comb check today or is clipped, no mat is parked, and nothing
 * is held for a vet, unless the bath goes round it and the client was told.
 *
 * Proof is a comb check or a cut after the last finding in the whole place, never a word: a grade that the groomer judged otherwise
 * opens nothing. A section that the inspection's comb found clear today has passed, loose undercoat or not. A waiver is offered for grade 1,
 * where the house says so for 2, and never from grade 3 on. What was passed on another day, or before the dog left, has
 * lapsed: a coat mats on the way.
 */
final readonly class BathGate
{
    /** @param list<Lack> $lacks empty: open */
    private function __construct(public array $lacks) {}

    /**
     * @param BySection<Grade> $inspected grade in force by the inspection
     * @param array<string, list<HeldWay>> $held left alone until a vet has looked: how the bath may go round it, by section id
     * @param list<Section> $later left for a later visit: no bath before the last
     * @param array<string, \DateTimeImmutable> $foundAt when something was last found in the whole place, by section id
     * @param \DateTimeImmutable|null $leftAt when the dog last left the salon
     * @param \DateTimeImmutable $now of any zone
     */
    public static function of(
        TableRun $run,
        BySection $inspected,
        PlanTotals $totals,
        array $held,
        array $later,
        array $foundAt,
        ?\DateTimeImmutable $leftAt,
        \DateTimeImmutable $now,
        \DateTimeZone $salon,
        TableRules $rules,
    ): self {
        $counts = fn(?\DateTimeImmutable $at): bool => $at !== null
            && self::isOfToday($at, $now, $salon)
            && ($leftAt === null || $at > $leftAt);
        $lacks = [];
        foreach (Section::cases() as $section) {
            if (in_array($section, $later, true)) {
                $lacks[] = new Lack(LackReason::LaterVisit, $section, self::gradeAt($section, $run, $inspected), false);

                continue;
            }
            $ways = $held[$section->value] ?? null;
            if ($ways !== null) {
                $settled = $run->settled[$section->value] ?? null;
                if (! $counts($settled?->at) || ! in_array($settled?->what->way, $ways, true)) {
                    $lacks[] = new Lack(LackReason::HeldForVet, $section, null, false, $ways);
                }

                continue;
            }
            $grade = self::gradeAt($section, $run, $inspected);
            $passedAt = self::passedAt($section, $run, $inspected);
            $mayWaive = self::mayWaive($grade, $rules);
            $lastFoundAt = $foundAt[$section->value] ?? null;
            $passedAt = $lastFoundAt !== null && $passedAt !== null && $passedAt <= $lastFoundAt ? null : $passedAt;
            if (! $counts($passedAt) && ! ($mayWaive && $counts(($run->waivers[$section->value] ?? null)?->at))) {
                $lacks[] = new Lack(self::lack($section, $run, $totals, $passedAt), $section, $grade, $mayWaive);
            }
        }
        foreach ($run->parked as $parked) {
            if ($parked->section !== null) {
                $lacks[] = new Lack(LackReason::MatParked, $parked->section, self::gradeAt($parked->section, $run, $inspected), false);
            }
        }

        return new self($lacks);
    }

    /** Only places that are left alone keep it shut: the clean parts may be sponged, there is no full bath. */
    public function isShutByHeldPlacesOnly(): bool
    {
        return $this->isShutOnlyBy(LackReason::HeldForVet);
    }

    /** Nothing is left to do but what a later visit does. */
    public function isShutByALaterVisitOnly(): bool
    {
        return $this->isShutOnlyBy(LackReason::LaterVisit);
    }

    public function isOpen(): bool
    {
        return $this->lacks === [];
    }

    /** The gate was open when somebody said so, and still is. */
    public function isCleared(BathRun $bath, ?\DateTimeImmutable $leftAt, \DateTimeImmutable $now, \DateTimeZone $salon): bool
    {
        $at = $bath->cleared?->at;

        return $at !== null && $this->isOpen() && ($leftAt === null || $at > $leftAt) && self::isOfToday($at, $now, $salon);
    }

    /** A wet tangle becomes a mat: up to grade 1, where the house says so 2, and never for a place that no comb has graded. */
    public static function mayWaive(?Grade $grade, TableRules $rules): bool
    {
        return $grade !== null && $grade->value <= $rules->waivedUpTo && ! $grade->atLeast(Grade::Mat);
    }

    /** @param Grade|null $grade of the second comb check; null: it was not combed, or the comb ran over the top */
    public static function mayWaiveAfterDrying(?Grade $grade, TableRules $rules): bool
    {
        return $grade === null || self::mayWaive($grade, $rules);
    }

    /**
     * The grade by the latest comb, wherever it was drawn; where the groomer judged the inspection's worse, that.
     *
     * @param BySection<Grade> $inspected grade in force by the inspection
     */
    public static function gradeAt(Section $section, TableRun $run, BySection $inspected): ?Grade
    {
        $latest = $run->at($section)->graded();

        $inForce = $inspected->at($section);

        return match (true) {
            $latest === null => $inForce,
            $latest->where === GradedAt::Table => $latest->grade,
            $latest->grade === null || ($inForce !== null && $inForce->atLeast($latest->grade)) => $inForce,
            default => $latest->grade,
        };
    }

    /**
     * When the place was proved free of mats: combed through, cut, or found clear by the inspection.
     *
     * @param BySection<Grade> $inspected
     */
    private static function passedAt(Section $section, TableRun $run, BySection $inspected): ?\DateTimeImmutable
    {
        $ledger = $run->at($section);
        $latest = $ledger->graded();

        return match (true) {
            $ledger->proof !== null => $ledger->proof->at,
            $latest?->where === GradedAt::Inspection
                && (self::gradeAt($section, $run, $inspected) === Grade::Clear
                    || $latest->isPacked || self::passesLightly($section, $run, $inspected))
                => $latest->at,
            default => null,
        };
    }

    /**
     * Where lines are brushed after the dryer, no tangle is enough before the bath.
     *
     * @param BySection<Grade> $inspected
     */
    private static function passesLightly(Section $section, TableRun $run, BySection $inspected): bool
    {
        return $run->scope === RunScope::LightCheckFirst && self::gradeAt($section, $run, $inspected)?->isMatted() === false;
    }

    private function isShutOnlyBy(LackReason $reason): bool
    {
        return $this->lacks !== [] && array_filter($this->lacks, fn(Lack $lack): bool => $lack->reason !== $reason) === [];
    }

    private static function lack(Section $section, TableRun $run, PlanTotals $totals, ?\DateTimeImmutable $passedAt): LackReason
    {
        return match (true) {
            $passedAt !== null => LackReason::OfAnotherDay,
            $run->at($section)->wantsTheCombAfterItsCut() => LackReason::NotCombed,
            $run->at($section)->comb !== null => LackReason::CombFailed,
            $totals->choices->for($section)?->kind === TreatmentKind::Clip => LackReason::NotClipped,
            default => LackReason::NotCombed,
        };
    }

    private static function isOfToday(\DateTimeImmutable $at, \DateTimeImmutable $now, \DateTimeZone $salon): bool
    {
        return $at->setTimezone($salon)->format('Y-m-d') === $now->setTimezone($salon)->format('Y-m-d');
    }
}
