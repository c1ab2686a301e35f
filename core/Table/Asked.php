<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\Plan\TreatmentKind;
use HoundCheck\Core\Plan\Work;
use HoundCheck\Core\Plan\WorkCost;

/** What a section asks at the moment at which a hand is laid on it: its grade then, what is planned then, and what that costs. */
final readonly class Asked
{
    /**
     * @param Grade|null $grade in force; null: none, or what was there is cut off or combed out
     * @param float $mattedShare 0–1
     * @param float|null $liftMm given or assumed; null: nobody knows
     * @param bool $red the skin is red there
     * @param float $fineTeethMm a longer blade leaves some of what the comb found: it goes through once more after it
     * @param bool $countsLines lines are marked one by one here; else the clock says how far the work has come
     * @param Intended $planned asked for by lines only
     */
    public function __construct(
        public Section $section,
        public ?Grade $grade,
        public float $mattedShare,
        private ?float $liftMm,
        private bool $red,
        private float $fineTeethMm,
        public bool $countsLines,
        private Intended $planned,
        private WorkCost $cost,
    ) {}

    public function lines(): int
    {
        return $this->cost->effort->geometry($this->section)->lines;
    }

    /** What the lines of this section come to, all of them: opened as planned, or brushed. */
    public function asPlanned(): Work
    {
        return match ($this->planned->treatment()?->kind) {
            TreatmentKind::Demat => $this->opening(false),
            TreatmentKind::Thin => $this->opening(true),
            default => $this->brushing(),
        };
    }

    /** Mats are opened or thinned here, as it is planned now. */
    public function isPulled(): bool
    {
        return in_array($this->planned->treatment()?->kind, [TreatmentKind::Demat, TreatmentKind::Thin], true);
    }

    public function brushing(): Work
    {
        return $this->cost->brushing($this->section);
    }

    /** A comb went through: whatever was matted here was opened. */
    public function combedThrough(bool $thinned): Work
    {
        return $this->grade?->isMatted() === true ? $this->opening($thinned) : $this->brushing();
    }

    public function cutOff(): Work
    {
        return $this->cost->clipping($this->section, $this->grade ?? Grade::Clear, $this->mattedShare, $this->liftMm);
    }

    /** Whether a cut is no proof yet: long blades leave some of what stopped or held the comb. */
    public function wantsTheCombAfter(float $mm): bool
    {
        return $this->grade?->atLeast(Grade::Drag) === true && $mm > $this->fineTeethMm;
    }

    /** Tension minutes of so many seconds with a mat in hand. */
    public function pulling(float $seconds): float
    {
        return $this->cost->pulling($this->section, $this->grade ?? Grade::Clear, $seconds / 60, $this->red);
    }

    private function opening(bool $thins): Work
    {
        $grade = match (true) {
            $this->grade === null || ! $this->grade->isMatted() => null,
            $this->grade === Grade::Pelted => Grade::TightMat,
            default => $this->grade,
        };

        return $grade === null
            ? $this->brushing()
            : $this->cost->opening($this->section, $grade, $this->mattedShare, $thins && $grade->atLeast(Grade::Mat), $this->red);
    }
}
