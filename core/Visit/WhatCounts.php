<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

use HoundCheck\Core\Arrival\AtArrival;
use HoundCheck\Core\Arrival\VisitHasNotArrived;
use HoundCheck\Core\Bath\BathRun;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grader;
use HoundCheck\Core\CombCheck\GradeRule;
use HoundCheck\Core\Home\Leaving;
use HoundCheck\Core\Inspection\Combed;
use HoundCheck\Core\Inspection\Findings;
use HoundCheck\Core\Inspection\Graded;
use HoundCheck\Core\Inspection\GradedAt;
use HoundCheck\Core\Inspection\Weighing;
use HoundCheck\Core\Marks\CombDrawn;
use HoundCheck\Core\Marks\Kinds\CombChecked;
use HoundCheck\Core\Marks\Kinds\SecondCombed;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Table\Asked;
use HoundCheck\Core\Table\Asking;
use HoundCheck\Core\Table\FeetClock;
use HoundCheck\Core\Table\TableRun;

/** A visit while its marks are folded: hands each to the steps. Marks that were taken back do not come here. */
final class WhatCounts implements Asking
{
    private AtArrival $arrival;

    private Combed $combed;

    private Findings $findings;

    private Kept $kept;

    private Planned $planned;

    private Agreement $agreement;

    private TableRun $run;

    private BathRun $bath;

    private Leaving $leaving;

    private Hands $hands;

    private FeetClock $feet;

    private AskedPlaces $asked;

    private ?VisitState $state = null;

    public function __construct(Known $known)
    {
        $this->arrival = AtArrival::none();
        $this->combed = new Combed(new Weighing);
        $this->findings = Findings::carrying($known->carried);
        $this->kept = new Kept;
        $this->planned = new Planned;
        $this->agreement = Agreement::none();
        $this->run = TableRun::notStarted();
        $this->bath = new BathRun;
        $this->leaving = new Leaving;
        $this->hands = new Hands;
        $this->feet = new FeetClock($known->rules->standing->restMinutes);
        $this->asked = new AskedPlaces($known);
    }

    /** @return list<string> all but what follows from the rest */
    public function __sleep(): array
    {
        return ['arrival', 'combed', 'findings', 'kept', 'planned', 'agreement', 'run', 'bath', 'leaving', 'hands', 'feet', 'asked'];
    }

    /** @param Mark<Payload> $mark that was taken back: the dog was gone, and combed, all the same */
    public function seeWithdrawn(Mark $mark): void
    {
        $this->combed = $this->combed->heard($mark);
        $this->leaving = $this->leaving->afterTakenBack($mark);
        $this->state = null;
    }

    /**
     * @param Mark<Payload> $mark
     * @param int $number in the visit, from 1
     */
    public function take(Mark $mark, int $number): void
    {
        $this->combed = $this->combed->weighed($mark, $number);
        $stands = $this->combed->stands($mark);
        $this->feet = $this->feet->after($mark);
        $this->toTheTable($mark, $stands);
        $this->arrival = $this->arrival->after($mark);
        $this->combed = $this->combed->after($mark, $stands);
        $this->findings = $this->findings->after($mark);
        $this->kept = $this->kept->after($mark);
        $this->planned = $stands->id === $mark->id ? $this->planned->after($mark) : $this->planned;
        $this->agreement = $this->agreement->after($mark, $this->arrival);
        $this->bath = $this->bath->after($stands);
        $this->leaving = $this->leaving->after($mark);
        $this->hands = $this->hands->after($mark, $this->feet->stands());
        $this->asked = $this->asked->after($mark);
        $this->state = null;
    }

    public function asks(Section $section): Asked
    {
        $asked = $this->asked->at($section);
        if ($asked === null) {
            $asked = $this->asked->workedOut($section, $this->state());
            $this->asked = $this->asked->with($asked);
        }

        return $asked;
    }

    /** @throws VisitHasNotArrived */
    public function state(): VisitState
    {
        $this->arrival->cameIn();

        return $this->state ??= new VisitState(
            $this->arrival,
            $this->combed,
            $this->findings,
            $this->kept,
            $this->planned,
            $this->agreement,
            $this->run,
            $this->bath,
            $this->leaving,
            $this->hands,
        );
    }

    /**
     * @param Mark<Payload> $mark
     * @param Mark<Payload> $stands the answer that counts where it was made
     */
    private function toTheTable(Mark $mark, Mark $stands): void
    {
        $phase = $mark->declared->phase;
        $isOutweighed = $stands->id !== $mark->id;
        if ($phase === Phase::Table || $phase === Phase::Bath) {
            $this->run = $this->run->after($isOutweighed ? $mark : $stands, $this, $isOutweighed);
        } elseif ($phase === Phase::Plan && $this->run->hasBegun()) {
            $this->run = $this->run->workedUntil($mark->at, $this);
        } elseif ($mark->what instanceof CombChecked && $mark->section !== null) {
            $this->inspected($mark->section, $mark->of(CombChecked::class), $stands);
        }
        if ($isOutweighed) {
            $this->keepTheWorse($stands);
        }
    }

    /**
     * @param Mark<CombChecked> $mark
     * @param Mark<Payload> $stands
     */
    private function inspected(Section $section, Mark $mark, Mark $stands): void
    {
        $grading = (new Grader)->grade($mark->what->check);
        $isPacked = $grading->rule === GradeRule::UndercoatPacked;
        $graded = new Graded($mark->id, $grading->grade, GradedAt::Inspection, $mark->at, $mark->by, $isPacked);
        $ledger = $this->run->at($section);
        $this->run = $this->run->with($section, $stands->what instanceof CombDrawn && $stands->id === $mark->id
            ? $ledger->inspected($graded, $stands->what->check)
            : $ledger->heard($graded));
    }

    /**
     * What stands at a place, though another answer came after it.
     *
     * @param Mark<Payload> $stands
     */
    private function keepTheWorse(Mark $stands): void
    {
        if ($stands->section !== null && $stands->what instanceof CombDrawn && ! $stands->what instanceof SecondCombed) {
            $this->combed = $this->combed->standing($stands);
            $this->run = $this->run->with($stands->section, $this->run->at($stands->section)->asking($stands->what->check));
        }
    }
}
