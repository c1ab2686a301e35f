<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table;

use HoundCheck\Core\Coat\BySection;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\CombCheck;
use HoundCheck\Core\CombCheck\Grader;
use HoundCheck\Core\Inspection\Graded;
use HoundCheck\Core\Inspection\GradedAt;
use HoundCheck\Core\Marks\Kinds\BathCleared;
use HoundCheck\Core\Marks\Kinds\Clipped;
use HoundCheck\Core\Marks\Kinds\HeldPlaceSettled;
use HoundCheck\Core\Marks\Kinds\LineDone;
use HoundCheck\Core\Marks\Kinds\MatParked;
use HoundCheck\Core\Marks\Kinds\MatsOpened;
use HoundCheck\Core\Marks\Kinds\MatTaken;
use HoundCheck\Core\Marks\Kinds\MatWorked;
use HoundCheck\Core\Marks\Kinds\Misted;
use HoundCheck\Core\Marks\Kinds\RakePassed;
use HoundCheck\Core\Marks\Kinds\Reacted;
use HoundCheck\Core\Marks\Kinds\RunStarted;
use HoundCheck\Core\Marks\Kinds\TableCombed;
use HoundCheck\Core\Marks\Kinds\Waived;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Words\OpenedWith;
use HoundCheck\Core\Marks\Words\RunScope;
use HoundCheck\Core\Marks\Words\WaivedStep;

/** Folds the marks of a brush-out, one by one in the order of arrival, into the ledgers of the sections and what else stands. */
final class RunFold
{
    private RunScope $scope = RunScope::WholeCoat;

    /** @var array<string, SectionLedger> by section id */
    private array $ledgers = [];

    /** @var array<string, Mark<MatParked>> */
    private array $parked = [];

    /** @var list<Mark<Reacted>> */
    private array $reactions = [];

    /** @var array<string, Mark<Waived>> */
    private array $waivers = [];

    /** @var array<string, OpenedWith> by section id */
    private array $openedWith = [];

    /** @var array<string, Mark<HeldPlaceSettled>> */
    private array $settled = [];

    /** @var Mark<MatTaken>|null */
    private ?Mark $mat = null;

    private InHand $hands;

    private WorkClock $clock;

    private ?\DateTimeImmutable $startedAt = null;

    private ?\DateTimeImmutable $lastAt = null;

    public function __construct()
    {
        $this->hands = new InHand;
        $this->clock = new WorkClock;
    }

    /** A check of the inspection: the ledger begins with it. */
    public function inspected(Section $section, Graded $graded, CombCheck $check): void
    {
        $this->ledgers[$section->value] = $this->at($section)->inspected($graded, $check);
    }

    /** A comb check that is kept and does not count: a worse answer, which it had not seen, stands there. */
    public function heard(Section $section, Graded $graded): void
    {
        $this->ledgers[$section->value] = $this->at($section)->heard($graded);
    }

    /** What the comb found at a section, of two answers that did not see one another. */
    public function stands(Section $section, CombCheck $check): void
    {
        $this->ledgers[$section->value] = $this->at($section)->asking($check);
    }

    /**
     * @param Mark<Payload> $mark of the table, the bath, or a waiver; the clocks of the hands end with the bath
     * @param (\Closure(Section): Asked) $asks what a section asks at this moment
     * @param bool $isOutweighed a worse answer, which it had not seen, stands there
     */
    public function take(Mark $mark, \Closure $asks, bool $isOutweighed = false): void
    {
        // What ends with a cut was cutting.
        $mark->what instanceof Clipped ? null : $this->settle($mark->at, $asks);
        $this->clock->take($mark);
        $this->hands = $this->hands->after($mark);
        $what = $mark->what;
        if ($mark->declared->phase === Phase::Table) {
            $this->startedAt = $this->startedAt === null ? $mark->at : min($this->startedAt, $mark->at);
        }
        $this->lastAt = $this->lastAt === null ? $mark->at : max($this->lastAt, $mark->at);
        // Whoever takes another mat in hand, or goes to the bath, has put this one down.
        if ($what instanceof MatTaken || $what instanceof BathCleared) {
            $this->letGo($mark, $asks);
        }
        match (true) {
            $isOutweighed && $what instanceof TableCombed && $mark->section !== null => $this->heard(
                $mark->section,
                new Graded($mark->id, (new Grader)->grade($what->check)->grade, GradedAt::Table, $mark->at, $mark->by),
            ),
            $what instanceof RunStarted => $this->scope = $what->scope,
            $what instanceof Reacted => $this->reactions[] = $mark->of(Reacted::class),
            $what instanceof Waived => $this->waive($mark->of(Waived::class)),
            $what instanceof MatsOpened => $this->openedWith[(string) $mark->section?->value] = $what->with,
            $what instanceof HeldPlaceSettled => $this->settled[(string) $mark->section?->value] = $mark->of(HeldPlaceSettled::class),
            $mark->section !== null && $mark->declared->phase === Phase::Table => $this->work($mark->section, $mark, $asks),
            default => null,
        };
    }

    /**
     * Where nobody marks lines the clock says how far the work in hand has come: what was pulled until now is borne,
     * whatever is found or planned next.
     *
     * @param (\Closure(Section): Asked) $asks
     */
    public function settle(\DateTimeImmutable $until, \Closure $asks): void
    {
        $section = $this->hands->section;
        if ($section === null || $this->hands->paused || $this->at($section)->isDone()) {
            return;
        }
        $asked = $asks($section);
        if (! $asked->countsLines && $asked->isPulled()) {
            $this->ledgers[$section->value] = $this->at($section)->workedFor($this->clock->secondsAt($section, $until), $asked);
        }
    }

    public function hasBegun(): bool
    {
        return $this->startedAt !== null;
    }

    public function run(): TableRun
    {
        $ledgers = BySection::of($this->ledgers);

        return $this->startedAt === null ? TableRun::notStarted($ledgers, $this->waivers, $this->settled) : new TableRun(
            $this->scope,
            $this->startedAt,
            $this->lastAt,
            $ledgers,
            $this->parked,
            $this->reactions,
            $this->waivers,
            $this->settled,
            $this->openedWith,
            $this->mat,
            $this->hands,
            clone $this->clock,
        );
    }

    public function at(Section $section): SectionLedger
    {
        return $this->ledgers[$section->value] ?? new SectionLedger;
    }

    /**
     * @param Mark<Payload> $mark
     * @param (\Closure(Section): Asked) $asks
     */
    private function work(Section $section, Mark $mark, \Closure $asks): void
    {
        $what = $mark->what;
        $ledger = $this->at($section);
        $ends = $what instanceof Clipped || ($what instanceof TableCombed && SectionLedger::passes($what->check));
        if ($this->mat?->section === $section && ($ends || $what instanceof MatParked || $what instanceof MatWorked)) {
            $ledger = $this->putDown($ledger, $mark, $asks($section));
        }
        $this->ledgers[$section->value] = match (true) {
            $what instanceof LineDone => $ledger->brushed($what->line, $asks($section)),
            $what instanceof Misted => $ledger->misted(),
            $what instanceof TableCombed => $ledger->combed($mark->of(TableCombed::class), $asks($section)),
            $what instanceof Clipped => $ledger->cut($mark->of(Clipped::class), $asks($section)),
            $what instanceof RakePassed => $ledger->raked($mark->of(RakePassed::class)),
            $what instanceof MatParked => $ledger->unproved(),
            default => $ledger,
        };
        match (true) {
            // A comb from the skin to the tip, or a blade, proves that no mat that was parked there is left.
            $ends => $this->parked = array_filter($this->parked, fn(Mark $parked): bool => $parked->section !== $section),
            $what instanceof MatParked => $this->parked[$mark->id] = $mark->of(MatParked::class),
            $what instanceof MatTaken => $this->mat = $mark->of(MatTaken::class),
            default => null,
        };
    }

    /**
     * @param Mark<Payload> $mark
     * @param (\Closure(Section): Asked) $asks
     */
    private function letGo(Mark $mark, \Closure $asks): void
    {
        $section = $this->mat?->section;
        if ($section !== null) {
            $parked = $this->parked;
            $this->ledgers[$section->value] = $this->putDown($this->at($section), $mark, $asks($section));
            // It is no better for that: where it was parked, it still is.
            $this->parked = $parked;
        }
    }

    /**
     * The mat in hand leaves it: worked, parked, or combed or cut through.
     *
     * @param Mark<Payload> $mark
     */
    private function putDown(SectionLedger $ledger, Mark $mark, Asked $asked): SectionLedger
    {
        $taken = $this->mat;
        if ($taken === null) {
            return $ledger;
        }
        $what = $mark->what;
        $worked = $what instanceof MatWorked
            ? new WorkedMat($mark->id, $taken->id, $what->outcome, $what->closes)
            : new WorkedMat($mark->id, $taken->id, null, 0);
        unset($this->parked[(string) $taken->what->parkedId]);
        $this->mat = null;

        return $ledger->pulled($worked, $this->clock->mats[$taken->id] ?? 0.0, $asked);
    }

    /** @param Mark<Waived> $mark */
    private function waive(Mark $mark): void
    {
        if ($mark->what->step === WaivedStep::BeforeBath) {
            $this->waivers[(string) $mark->section?->value] = $mark;
        }
    }
}
