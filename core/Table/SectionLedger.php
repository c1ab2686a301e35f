<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table;

use HoundCheck\Core\CombCheck\CombCheck;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\CombCheck\Grader;
use HoundCheck\Core\CombCheck\GradeRule;
use HoundCheck\Core\Inspection\Graded;
use HoundCheck\Core\Inspection\GradedAt;
use HoundCheck\Core\Marks\Kinds\Clipped;
use HoundCheck\Core\Marks\Kinds\RakePassed;
use HoundCheck\Core\Marks\Kinds\TableCombed;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Plan\Work;

/**
 * What was done at one section, in the order in which it was recorded. Only ever added to: what was worked, pulled, graded
 * and cut stays, whatever is found or planned later; undo is the only way back.
 *
 * The work is kept as spells: one ends when the comb stops again, when the comb passes, and with a cut.
 */
final readonly class SectionLedger
{
    /**
     * @param list<int> $lines done since the comb last stopped here, each once, rising
     * @param int $linesSinceMist lines brushed since the coat was misted
     * @param Mark<TableCombed>|null $comb the latest comb check at the table
     * @param CombCheck|null $asking the check that says what the work here is about: the latest, or the one before it passed
     * @param list<Graded> $grades every comb check
     * @param list<Cut> $cuts
     * @param Proof|null $proof it is done, and since when
     * @param list<WorkedMat> $mats
     * @param list<Mark<RakePassed>> $passes
     * @param Work $done spells that have ended
     * @param Work $spell the one that goes on
     * @param float $pulledMinutes tension minutes by the clock of the mats in this spell
     * @param Work $worked by lines or by the clock in this spell, each part as it was planned when it was done
     * @param float $part of the section that was worked in this spell, 0–1
     * @param float $seconds of work here by the clock, as far as it was asked
     * @param bool $combedOut nothing is left here of what was found: it was combed through or cut, and no comb stopped since
     * @param Grade|null $treatedGrade the worst that was opened, combed through or cut here
     * @param bool $thinned mats were thinned in this spell
     * @param bool $cutOut a mat was cut out in this spell
     */
    public function __construct(
        public array $lines = [],
        public int $linesSinceMist = 0,
        public ?Mark $comb = null,
        public ?CombCheck $asking = null,
        public array $grades = [],
        public array $cuts = [],
        public ?Proof $proof = null,
        public array $mats = [],
        public array $passes = [],
        public Work $done = new Work,
        public Work $spell = new Work,
        public float $pulledMinutes = 0.0,
        private Work $worked = new Work,
        private float $part = 0.0,
        private float $seconds = 0.0,
        public bool $combedOut = false,
        public ?Grade $treatedGrade = null,
        private bool $thinned = false,
        private bool $cutOut = false,
    ) {}

    public function isDone(): bool
    {
        return $this->proof !== null;
    }

    /** What was matted here is cut off, and the comb has not been through it since. */
    public function wantsTheCombAfterItsCut(): bool
    {
        return ! $this->isDone() && $this->combedOut && $this->cuts !== [];
    }

    /** Length left by the latest cut, in mm. */
    public function cutMm(): ?float
    {
        return $this->cuts === [] ? null : $this->cuts[count($this->cuts) - 1]->mm;
    }

    /** Work that counts so far. Its tension minutes are what the dog has borne here: they never fall. */
    public function work(): Work
    {
        return $this->done->plus($this->spell);
    }

    /** The latest comb check wherever it was made. */
    public function graded(): ?Graded
    {
        return $this->grades === [] ? null : $this->grades[count($this->grades) - 1];
    }

    /** Grade by the latest comb check at the table; null before one. */
    public function grade(): ?Grade
    {
        return $this->comb === null ? null : (new Grader)->grade($this->comb->what->check)->grade;
    }

    /** Mats were opened by hand here and the place was cut afterwards: its minutes measure neither. */
    public function wasOpenedAndCut(): bool
    {
        return $this->cuts !== [] && array_filter($this->mats, fn(WorkedMat $mat): bool => $mat->wasPulled()) !== [];
    }

    /** Closes of a thinning shear so far. */
    public function closes(): int
    {
        return array_sum(array_map(fn(WorkedMat $mat): int => $mat->closes, $this->mats));
    }

    /** At the table a section passes when the comb goes from the skin to the tip and nothing but loose undercoat is left. */
    public static function passes(CombCheck $check): bool
    {
        $grading = (new Grader)->grade($check);

        // Packed undercoat is no mat; it must be out at the second check.
        return $grading->grade === Grade::Clear || $grading->rule === GradeRule::UndercoatPacked;
    }

    /** The comb stopped or could not enter: the place is graded anew and goes back to be worked. */
    public static function sendsBack(CombCheck $check): bool
    {
        return (new Grader)->grade($check)->grade?->isMatted() === true;
    }

    public function brushed(int $line, Asked $asked): self
    {
        if (in_array($line, $this->lines, true)) {
            return $this;
        }
        $lines = [...$this->lines, $line];
        sort($lines);
        $part = min(1.0, count($lines) / $asked->lines());

        return $this->with(['lines' => $lines, 'linesSinceMist' => $this->linesSinceMist + 1])->advanced($part, $asked->asPlanned());
    }

    /** So many seconds were worked here by now: as much of what is planned is done as the clock allows. */
    public function workedFor(float $seconds, Asked $asked): self
    {
        $planned = $asked->asPlanned();
        $minutes = max(0.0, $seconds - $this->seconds) / 60;
        $part = $planned->minutes > 0.0 ? min(1.0, $this->part + $minutes / $planned->minutes) : $this->part;

        return $this->with(['seconds' => max($seconds, $this->seconds)])->advanced($part, $planned);
    }

    public function misted(): self
    {
        return $this->with(['linesSinceMist' => 0]);
    }

    /** @param Mark<RakePassed> $pass */
    public function raked(Mark $pass): self
    {
        return $this->with(['passes' => [...$this->passes, $pass]]);
    }

    /** The inspection's comb went through, or did not: before the table, or again after the gate has lapsed. */
    public function inspected(Graded $graded, CombCheck $check): self
    {
        $next = $this->with(['grades' => [...$this->grades, $graded]]);

        return match (true) {
            ! $this->isDone() => $next->with(['asking' => $check, 'combedOut' => false]),
            $graded->grade === Grade::Clear => $next->with(['proof' => new Proof($graded->markId, $graded->at, $graded->by)]),
            default => $next->ended()->with(['proof' => null, 'asking' => $check, 'lines' => [], 'combedOut' => false]),
        };
    }

    /** The comb was drawn here, and what it found does not count beside a worse answer. */
    public function heard(Graded $graded): self
    {
        return $this->with(['grades' => [...$this->grades, $graded]]);
    }

    /** What the work here is about, of two answers that did not see one another. */
    public function asking(CombCheck $check): self
    {
        return $this->isDone() ? $this : $this->with(['asking' => $check]);
    }

    /** @param Mark<TableCombed> $comb */
    public function combed(Mark $comb, Asked $asked): self
    {
        $check = $comb->what->check;
        $graded = new Graded($comb->id, (new Grader)->grade($check)->grade, GradedAt::Table, $comb->at, $comb->by);
        $next = $this->with(['comb' => $comb, 'grades' => [...$this->grades, $graded]]);

        return match (true) {
            self::passes($check) => (
                $this->isDone() ? $next : $next->reckoned($this->wasCutOut() ? $asked->brushing() : $asked->combedThrough($this->thinned))
            )->ended()
                ->treated($asked)->with(['proof' => new Proof($comb->id, $comb->at, $comb->by), 'combedOut' => true]),
            self::sendsBack($check) => $next->ended()->with(['proof' => null, 'asking' => $check, 'lines' => [], 'combedOut' => false]),
            default => $next->with(['proof' => null]),
        };
    }

    /** @param Mark<Clipped> $clipped */
    public function cut(Mark $clipped, Asked $asked): self
    {
        // A cut on clean coat after the dryer is finish work, and none of the table's.
        $work = $this->isDone() && $asked->grade === null ? new Work : $asked->cutOff();
        $ended = $this->ended();
        $cut = new Cut($clipped->id, $clipped->what->mm, $asked->grade, $clipped->at, $clipped->by);

        return $ended->treated($asked)->with([
            'done' => $ended->done->plus($work),
            'cuts' => [...$this->cuts, $cut],
            'proof' => $asked->wantsTheCombAfter($clipped->what->mm) ? null : new Proof($clipped->id, $clipped->at, $clipped->by),
            'combedOut' => true,
        ]);
    }

    /** A mat left the hand after so many seconds. */
    public function pulled(WorkedMat $mat, float $seconds, Asked $asked): self
    {
        $pulled = $this->pulledMinutes + ($mat->wasPulled() ? $asked->pulling($seconds) : 0.0);
        $cutOut = $this->cutOut || ! $mat->wasPulled();

        return $this->with([
            'mats' => [...$this->mats, $mat],
            'pulledMinutes' => $pulled,
            'thinned' => $this->thinned || $mat->closes > 0,
            'cutOut' => $cutOut,
        ])
            ->treated($asked)
            ->reckoned(new Work);
    }

    /** A mat was noticed here: what passed no longer counts as done, and what was there is combed out. */
    public function unproved(): self
    {
        return $this->isDone()
            ? $this->with(['proof' => null, 'asking' => $this->comb->what->check ?? $this->asking, 'lines' => []])
            : $this;
    }

    /** What stopped the comb here was cut out, and nothing was pulled at. */
    private function wasCutOut(): bool
    {
        return $this->cutOut && $this->pulledMinutes <= 0.0;
    }

    /** The work has come so far; what was done before it was done as it was planned then. */
    private function advanced(float $part, Work $planned): self
    {
        $worked = $this->worked->plus($planned->part(max(0.0, $part - $this->part)));

        return $this->with(['worked' => $worked, 'part' => max($part, $this->part)])->reckoned($worked);
    }

    /** What the rules reckon for this spell so far, or what the clock of its mats counted, whichever is more. */
    private function reckoned(Work $work): self
    {
        return $this->with(['spell' => $this->spell->atLeast($work)->atLeast(new Work(0.0, 0.0, $this->pulledMinutes))]);
    }

    private function treated(Asked $asked): self
    {
        return $asked->grade !== null && $asked->grade->value > ($this->treatedGrade->value ?? -1)
            ? $this->with(['treatedGrade' => $asked->grade])
            : $this;
    }

    private function ended(): self
    {
        return $this->with([
            'done' => $this->done->plus($this->spell),
            'spell' => new Work,
            'worked' => new Work,
            'part' => 0.0,
            'pulledMinutes' => 0.0,
            'thinned' => false,
            'cutOut' => false,
        ]);
    }

    /** @param array<string, mixed> $changes */
    private function with(array $changes): self
    {
        return new self(...array_merge(get_object_vars($this), $changes));
    }
}
