<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Recorded;
use HoundCheck\Core\Table\Marks\Clipped;
use HoundCheck\Core\Table\Marks\LineDone;
use HoundCheck\Core\Table\Marks\MatParked;
use HoundCheck\Core\Table\Marks\MatTaken;
use HoundCheck\Core\Table\Marks\MatWorked;
use HoundCheck\Core\Table\Marks\Misted;
use HoundCheck\Core\Table\Marks\RakePassed;
use HoundCheck\Core\Table\Marks\Reacted;
use HoundCheck\Core\Table\Marks\RunStarted;
use HoundCheck\Core\Table\Marks\TableCombed;
use HoundCheck\Core\Table\Marks\Waived;

/** Folds the marks of a brush-out into the state they add up to: what is done in the order of arrival, clocks by the hand's. */
final class RunFold
{
    private RunScope $scope = RunScope::WholeCoat;

    /** @var list<Recorded<Payload>> */
    private array $marks = [];

    /** @var list<Recorded<Payload>> */
    private array $later = [];

    /** @var array<string, array<int, true>> */
    private array $lines = [];

    /** @var array<string, int> */
    private array $sinceMist = [];

    /** @var array<string, Recorded<TableCombed>> */
    private array $combs = [];

    /** @var array<string, Recorded<Payload>> the mark that ended a section */
    private array $done = [];

    /** @var array<string, list<array{string, Recorded<MatWorked>}>> id of the taking, and what became of it */
    private array $mats = [];

    /** @var array<string, list<Recorded<RakePassed>>> */
    private array $passes = [];

    /** @var array<string, Recorded<MatParked>> */
    private array $parked = [];

    /** @var list<Recorded<Reacted>> */
    private array $reactions = [];

    /** @var array<string, Recorded<Waived>> */
    private array $waivers = [];

    /** @var Recorded<MatTaken>|null */
    private ?Recorded $mat = null;

    /** @param Recorded<Payload> $mark of the table; in the order of arrival */
    public function take(Recorded $mark): void
    {
        $this->marks[] = $mark;
        $what = $mark->what;
        $id = (string) $mark->section?->value;
        // The same mark, known by what it holds.
        $mark = new Recorded($mark->id, $what, $mark->section, $mark->at, $mark->by);
        match (true) {
            $what instanceof RunStarted => $this->scope = $what->scope,
            $what instanceof LineDone => $this->line($id, $what->line),
            $what instanceof Misted => $this->sinceMist[$id] = 0,
            $what instanceof TableCombed => $this->comb($id, $mark, $what),
            $what instanceof Clipped => $this->finish($id, $mark),
            $what instanceof MatTaken => $this->mat = $mark,
            $what instanceof MatWorked => $this->worked($id, $mark),
            $what instanceof MatParked => $this->park($mark),
            $what instanceof RakePassed => $this->passes[$id][] = $mark,
            $what instanceof Reacted => $this->reactions[] = $mark,
            default => null,
        };
    }

    /** @param Recorded<Payload> $mark made after the brush-out, or a waiver: the clocks of the hands end with the bath */
    public function seeAfter(Recorded $mark): void
    {
        $this->later[] = $mark;
        $what = $mark->what;
        if ($what instanceof Waived && $what->step === WaivedStep::BeforeBath) {
            $this->waivers[(string) $mark->section?->value] = new Recorded($mark->id, $what, $mark->section, $mark->at, $mark->by);
        }
    }

    public function run(): TableRun
    {
        if ($this->marks === []) {
            return TableRun::notStarted($this->waivers);
        }
        $clock = WorkClock::of([...$this->marks, ...$this->later]);
        $times = array_map(fn(Recorded $mark): \DateTimeImmutable => $mark->at, $this->marks);

        return new TableRun(
            $this->scope,
            min($times),
            max($times),
            $clock->current,
            $clock->paused,
            $this->sections($clock),
            $this->parked,
            $this->reactions,
            $this->waivers,
            $this->mat === null || $this->mat->section === null ? null : new MatInHand($this->mat->id, $this->mat->section, $this->mat->what->parkedId, $clock->mats[$this->mat->id] ?? 0.0),
            $clock->seconds,
        );
    }

    /** @return array<string, SectionRun> */
    private function sections(WorkClock $clock): array
    {
        $runs = [];
        foreach (Section::cases() as $section) {
            $id = $section->value;
            $touched = isset($this->lines[$id]) || isset($this->combs[$id]) || isset($this->done[$id]) || isset($clock->sections[$id]) || isset($this->mats[$id]) || isset($this->passes[$id]) || isset($this->sinceMist[$id]);
            if (! $touched) {
                continue;
            }
            $lines = array_keys($this->lines[$id] ?? []);
            sort($lines);
            $done = $this->done[$id] ?? null;
            $runs[$id] = new SectionRun(
                $lines,
                $this->sinceMist[$id] ?? 0,
                $this->combs[$id] ?? null,
                $done?->what instanceof Clipped ? $done->what->mm : null,
                $done?->at,
                $done?->by,
                array_map(fn(array $mat): WorkedMat => new WorkedMat($mat[1]->id, $mat[1]->what->outcome, $clock->mats[$mat[0]] ?? 0.0, $mat[1]->what->closes), $this->mats[$id] ?? []),
                $this->passes[$id] ?? [],
                $clock->sections[$id] ?? 0.0,
                $clock->lines[$id] ?? 0.0,
            );
        }

        return $runs;
    }

    private function line(string $id, int $line): void
    {
        if (! isset($this->lines[$id][$line])) {
            $this->lines[$id][$line] = true;
            $this->sinceMist[$id] = ($this->sinceMist[$id] ?? 0) + 1;
        }
    }

    /** @param Recorded<Payload> $mark */
    private function comb(string $id, Recorded $mark, TableCombed $combed): void
    {
        $this->combs[$id] = $mark;
        if (SectionRun::passes($combed->check)) {
            $this->finish($id, $mark);

            return;
        }
        unset($this->done[$id]);
        if (SectionRun::sendsBack($combed->check)) {
            $this->lines[$id] = [];
        }
    }

    /**
     * A comb from the skin to the tip, or a blade, proves that no mat that was parked there is left.
     *
     * @param Recorded<Payload> $mark
     */
    private function finish(string $id, Recorded $mark): void
    {
        $this->done[$id] = $mark;
        $this->parked = array_filter($this->parked, fn(Recorded $parked): bool => $parked->section?->value !== $id);
        if ($this->mat?->section?->value === $id) {
            $this->mat = null;
        }
    }

    /** @param Recorded<Payload> $mark */
    private function worked(string $id, Recorded $mark): void
    {
        if ($this->mat !== null && $this->mat->section?->value === $id) {
            $this->mats[$id][] = [$this->mat->id, $mark];
            unset($this->parked[(string) $this->mat->what->parkedId]);
            $this->mat = null;
        }
    }

    /**
     * A mat that is noticed anywhere; the one in hand, when it is there.
     *
     * @param Recorded<MatParked> $mark
     */
    private function park(Recorded $mark): void
    {
        if ($this->mat?->section === $mark->section) {
            unset($this->parked[(string) $this->mat?->what->parkedId]);
            $this->mat = null;
        }
        $this->parked[$mark->id] = $mark;
        unset($this->done[(string) $mark->section?->value]);
    }
}
