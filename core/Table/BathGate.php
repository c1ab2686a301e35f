<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\Plan\PlanTotals;
use HoundCheck\Core\Plan\TreatmentKind;

/**
 * No water on the dog until every section has passed its comb check today or is clipped, no mat is parked, and nothing
 * is held for a vet.
 *
 * A section that the inspection found clear today has passed. A waiver is never offered from grade 3 on. What was passed
 * on another day, or before the dog left, has lapsed: a coat mats on the way.
 */
final readonly class BathGate
{
    /** @param list<Lack> $lacks empty: open */
    private function __construct(public array $lacks) {}

    /**
     * @param array<string, \DateTimeImmutable> $combedAt time of the inspection's comb check by section id
     * @param array<string, Grade|null> $foundGrades grade in force by the inspection, by section id
     * @param list<Section> $held left alone until a vet has looked
     * @param \DateTimeImmutable|null $leftAt when the dog last left the salon
     * @param \DateTimeImmutable $now of any zone
     */
    public static function of(TableRun $run, array $combedAt, array $foundGrades, PlanTotals $totals, array $held, ?\DateTimeImmutable $leftAt, \DateTimeImmutable $now, \DateTimeZone $salon): self
    {
        $day = fn(\DateTimeImmutable $at): string => $at->setTimezone($salon)->format('Y-m-d');
        $counts = fn(?\DateTimeImmutable $at): bool => $at !== null && $day($at) === $day($now) && ($leftAt === null || $at > $leftAt);
        $lacks = [];
        foreach (Section::cases() as $section) {
            $id = $section->value;
            if (in_array($section, $held, true)) {
                $lacks[] = new Lack(LackReason::HeldForVet, $section, null, false);

                continue;
            }
            $here = $run->at($section);
            $grade = $here->grade() ?? $foundGrades[$id] ?? null;
            $passedAt = $here->isDone() ? $here->doneAt : ($here->comb === null && $grade === Grade::Clear ? $combedAt[$id] ?? null : null);
            $waiver = $run->waivers[$id] ?? null;
            if ($counts($passedAt) || ($counts($waiver?->at) && self::mayWaive($grade))) {
                continue;
            }
            $lacks[] = new Lack(match (true) {
                $passedAt !== null => LackReason::OfAnotherDay,
                $here->comb !== null => LackReason::CombFailed,
                $totals->choices->for($section)?->kind === TreatmentKind::Clip => LackReason::NotClipped,
                default => LackReason::NotCombed,
            }, $section, $grade, self::mayWaive($grade));
        }
        foreach ($run->parked as $parked) {
            if ($parked->section !== null) {
                $lacks[] = new Lack(LackReason::MatParked, $parked->section, $run->at($parked->section)->grade() ?? $foundGrades[$parked->section->value] ?? null, false);
            }
        }

        return new self($lacks);
    }

    public function isOpen(): bool
    {
        return $this->lacks === [];
    }

    /** The gate was open when somebody said so, and still is. */
    public function isCleared(BathRun $bath, ?\DateTimeImmutable $leftAt, \DateTimeImmutable $now, \DateTimeZone $salon): bool
    {
        $at = $bath->cleared?->at;

        return $at !== null && $this->isOpen() && ($leftAt === null || $at > $leftAt)
            && $at->setTimezone($salon)->format('Y-m-d') === $now->setTimezone($salon)->format('Y-m-d');
    }

    /** Never from grade 3 on, and never for a place that no comb has graded. */
    public static function mayWaive(?Grade $grade): bool
    {
        return $grade !== null && ! $grade->atLeast(Grade::Mat);
    }
}
