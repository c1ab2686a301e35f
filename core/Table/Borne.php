<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\Plan\Choices;
use HoundCheck\Core\Plan\CoatReport;
use HoundCheck\Core\Plan\Treatment;
use HoundCheck\Core\Plan\TreatmentKind;
use HoundCheck\Core\Tolerance\Tension;

/**
 * What the dog has borne at the table, in tension minutes, against what one visit may ask.
 *
 * At a section: what the plan reckoned for the lines done, or what the clock of the mats counted, whichever is more.
 * The dog's signals come on top; after a snap nothing is left.
 */
final readonly class Borne
{
    /**
     * @param float $tolerance for the whole visit
     * @param array<string, float> $bySection
     * @param float $byReactions INF after a snap
     */
    private function __construct(public float $tolerance, public array $bySection, public float $byReactions) {}

    /** @param CoatReport $report what the places are, with what the comb found at the table */
    public static function of(TableRun $run, CoatReport $report, Choices $planned): self
    {
        $bySection = [];
        foreach (array_keys($run->sections) as $id) {
            $section = Section::from($id);
            $bySection[$id] = self::atSection($section, $run->at($section), $report, $planned->for($section));
        }
        $reactions = array_sum(array_map(fn($reaction): float => $reaction->what->signal->minutes($report->rules->table), $run->reactions));

        return new self($report->tolerance->minutes, $bySection, (float) $reactions);
    }

    public function byWork(): float
    {
        return array_sum($this->bySection);
    }

    public function at(Section $section): float
    {
        return $this->bySection[$section->value] ?? 0.0;
    }

    /** Tension minutes that may still be asked today, 0 or more. */
    public function left(): float
    {
        return max(0.0, $this->tolerance - $this->byWork() - $this->byReactions);
    }

    /** No more dematting today. */
    public function isSpent(): bool
    {
        return $this->left() <= 0.0;
    }

    private static function atSection(Section $section, SectionRun $run, CoatReport $report, ?Treatment $planned): float
    {
        if ($run->clippedMm !== null) {
            return ($report->options[$section->value] ?? null)?->find(Treatment::clip($run->clippedMm))->tension ?? 0.0;
        }
        $grade = $report->grade($section);
        $opens = $planned !== null && in_array($planned->kind, [TreatmentKind::Demat, TreatmentKind::Thin], true);
        $whole = $opens ? (($report->options[$section->value] ?? null)?->find($planned)->tension ?? 0.0) : 0.0;
        $progress = $run->isDone() ? 1.0 : min(1.0, count($run->lines) / $report->effort->geometry($section)->lines);

        return max($whole * $progress, self::byTheClock($section, $run, $report, $grade?->isMatted() === true ? $grade : Grade::Tangle));
    }

    private static function byTheClock(Section $section, SectionRun $run, CoatReport $report, Grade $grade): float
    {
        $tension = new Tension($report->rules->tolerance);
        // A pelt is not opened; whoever tries pulls as at a tight mat.
        $pulls = $grade === Grade::Pelted ? Grade::TightMat : $grade;
        $sum = 0.0;
        foreach ($run->mats as $mat) {
            if ($mat->outcome !== MatOutcome::Clipped) {
                // The seconds are those that were really spent: thinning is quicker by itself.
                $sum += $tension->ofDematting($section, $pulls, $mat->seconds / 60);
            }
        }

        return $sum;
    }
}
