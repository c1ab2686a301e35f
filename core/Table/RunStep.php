<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table;

use HoundCheck\Core\Coat\BySection;
use HoundCheck\Core\Coat\Section;
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

/** One more mark of a brush-out, or of what comes after it: what it does to the ledgers of the sections and to what else stands. */
final class RunStep
{
    private RunScope $scope;

    /** @var BySection<SectionLedger> */
    private BySection $ledgers;

    /** @var array<string, Mark<MatParked>> */
    private array $parked;

    /** @var list<Mark<Reacted>> */
    private array $reactions;

    /** @var array<string, Mark<Waived>> */
    private array $waivers;

    /** @var array<string, OpenedWith> by section id */
    private array $openedWith;

    /** @var array<string, Mark<HeldPlaceSettled>> */
    private array $settled;

    /** @var Mark<MatTaken>|null */
    private ?Mark $mat;

    private InHand $hands;

    private WorkClock $clock;

    private ?\DateTimeImmutable $startedAt;

    private ?\DateTimeImmutable $touchedAt;

    /** @param TableRun $run before it */
    public function __construct(TableRun $run, private readonly Asking $asking)
    {
        $this->scope = $run->scope;
        $this->ledgers = $run->ledgers;
        $this->parked = $run->parked;
        $this->reactions = $run->reactions;
        $this->waivers = $run->waivers;
        $this->openedWith = $run->openedWith;
        $this->settled = $run->settled;
        $this->mat = $run->mat;
        $this->hands = $run->hands;
        $this->clock = $run->clock;
        $this->startedAt = $run->startedAt;
        $this->touchedAt = $run->touchedAt;
    }

    /**
     * @param Mark<Payload> $mark of the table, the bath, or a waiver; the clocks of the hands end with the bath
     * @param bool $isOutweighed a worse answer, which it had not seen, stands there
     */
    public function take(Mark $mark, bool $isOutweighed): TableRun
    {
        // What ends with a cut was cutting.
        $mark->what instanceof Clipped ? null : $this->settle($mark->at);
        $this->clock = $this->clock->after($mark);
        $this->hands = $this->hands->after($mark);
        $what = $mark->what;
        if ($mark->declared->phase === Phase::Table) {
            $this->startedAt = $this->startedAt === null ? $mark->at : min($this->startedAt, $mark->at);
        }
        $this->touchedAt = $this->touchedAt === null ? $mark->at : max($this->touchedAt, $mark->at);
        // Whoever takes another mat in hand, or goes to the bath, has put this one down.
        if ($what instanceof MatTaken || $what instanceof BathCleared) {
            $this->letGo($mark);
        }
        match (true) {
            $isOutweighed && $what instanceof TableCombed && $mark->section !== null => $this->write(
                $mark->section,
                $this->at($mark->section)->heard(
                    new Graded($mark->id, (new Grader)->grade($what->check)->grade, GradedAt::Table, $mark->at, $mark->by),
                ),
            ),
            $what instanceof RunStarted => $this->scope = $what->scope,
            $what instanceof Reacted => $this->reactions[] = $mark->of(Reacted::class),
            $what instanceof Waived => $this->waive($mark->of(Waived::class)),
            $what instanceof MatsOpened => $this->openedWith[(string) $mark->section?->value] = $what->with,
            $what instanceof HeldPlaceSettled => $this->settled[(string) $mark->section?->value] = $mark->of(HeldPlaceSettled::class),
            $mark->section !== null && $mark->declared->phase === Phase::Table => $this->work($mark->section, $mark),
            default => null,
        };

        return $this->run();
    }

    /**
     * Where nobody marks lines the clock says how far the work in hand has come: what was pulled until now is borne,
     * whatever is found or planned next.
     */
    public function workedUntil(\DateTimeImmutable $until): TableRun
    {
        $this->settle($until);

        return $this->run();
    }

    private function settle(\DateTimeImmutable $until): void
    {
        $section = $this->hands->section;
        if ($section === null || $this->hands->paused || $this->at($section)->isDone()) {
            return;
        }
        $asked = $this->asking->asks($section);
        if (! $asked->countsLines && $asked->isPulled()) {
            $this->write($section, $this->at($section)->workedFor($this->clock->secondsAt($section, $until), $asked));
        }
    }

    private function run(): TableRun
    {
        return new TableRun(
            $this->scope,
            $this->startedAt,
            $this->touchedAt,
            $this->ledgers,
            $this->parked,
            $this->reactions,
            $this->waivers,
            $this->settled,
            $this->openedWith,
            $this->mat,
            $this->hands,
            $this->clock,
        );
    }

    private function write(Section $section, SectionLedger $ledger): void
    {
        $this->ledgers = $this->ledgers->with($section, $ledger);
    }

    private function at(Section $section): SectionLedger
    {
        return $this->ledgers->at($section) ?? new SectionLedger;
    }

    /** @param Mark<Payload> $mark */
    private function work(Section $section, Mark $mark): void
    {
        $what = $mark->what;
        $ledger = $this->at($section);
        $ends = $what instanceof Clipped || ($what instanceof TableCombed && SectionLedger::passes($what->check));
        if ($this->mat?->section === $section && ($ends || $what instanceof MatParked || $what instanceof MatWorked)) {
            $ledger = $this->putDown($ledger, $mark, $this->asking->asks($section));
        }
        $this->write($section, match (true) {
            $what instanceof LineDone => $ledger->brushed($what->line, $this->asking->asks($section)),
            $what instanceof Misted => $ledger->misted(),
            $what instanceof TableCombed => $ledger->combed($mark->of(TableCombed::class), $this->asking->asks($section)),
            $what instanceof Clipped => $ledger->cut($mark->of(Clipped::class), $this->asking->asks($section)),
            $what instanceof RakePassed => $ledger->raked($mark->of(RakePassed::class)),
            $what instanceof MatParked => $ledger->unproved(),
            default => $ledger,
        });
        match (true) {
            // A comb from the skin to the tip, or a blade, proves that no mat that was parked there is left.
            $ends => $this->parked = array_filter($this->parked, fn(Mark $parked): bool => $parked->section !== $section),
            $what instanceof MatParked => $this->parked[$mark->id] = $mark->of(MatParked::class),
            $what instanceof MatTaken => $this->mat = $mark->of(MatTaken::class),
            default => null,
        };
    }

    /** @param Mark<Payload> $mark */
    private function letGo(Mark $mark): void
    {
        $section = $this->mat?->section;
        if ($section !== null) {
            $parked = $this->parked;
            $this->write($section, $this->putDown($this->at($section), $mark, $this->asking->asks($section)));
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
