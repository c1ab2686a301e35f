<?php

declare(strict_types=1);

namespace HoundCheck\Core\Gate;

use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\Marks\Kinds\AnswerGiven;
use HoundCheck\Core\Marks\Kinds\Arrived;
use HoundCheck\Core\Marks\Kinds\BladeTried;
use HoundCheck\Core\Marks\Kinds\FindingClosed;
use HoundCheck\Core\Marks\Kinds\GradeJudged;
use HoundCheck\Core\Marks\Kinds\HandedOver;
use HoundCheck\Core\Marks\Kinds\LateCounted;
use HoundCheck\Core\Marks\Kinds\NoteWritten;
use HoundCheck\Core\Marks\Kinds\PhotoDeleted;
use HoundCheck\Core\Marks\Kinds\PhotoTaken;
use HoundCheck\Core\Marks\Kinds\PlanChosen;
use HoundCheck\Core\Marks\Kinds\PlanShown;
use HoundCheck\Core\Marks\Kinds\PromiseGiven;
use HoundCheck\Core\Marks\Kinds\Reacted;
use HoundCheck\Core\Marks\Kinds\ReadyTold;
use HoundCheck\Core\Marks\Kinds\TreatmentChosen;
use HoundCheck\Core\Marks\Kinds\TurnDecided;
use HoundCheck\Core\Marks\Kinds\Withdrawn;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Words\AnswerVia;
use HoundCheck\Core\Marks\Words\ClientAnswer;
use HoundCheck\Core\Visit\VisitFold;
use HoundCheck\Core\Visit\VisitReport;
use HoundCheck\Core\Visit\VisitState;

/**
 * Decides whether a new mark is taken, given the visit as it stands.
 *
 * What follows from the visit is asked for only by the kinds that need it: most marks of an inspection do not.
 */
final class MarkGate
{
    /** What was recorded before the end is taken when it arrives so many days later. */
    private const LATE_DAYS = 7;

    /** A dog that is here goes home today, or tomorrow where it stays overnight. */
    private const PROMISE_HOURS = 36;

    private readonly VisitState $visit;

    private readonly VisitFold $fold;

    public function __construct(private readonly AtTheGate $here, private readonly Recorder $sender)
    {
        $this->fold = $here->fold();
        $this->visit = $here->state();
    }

    /**
     * @param Mark<Payload> $mark
     *
     * @return Refusal|null null: it is taken
     */
    public function refusal(Mark $mark): ?Refusal
    {
        $what = $mark->what;

        return Rights::refusal($mark, $this->visit, $this->fold, $this->sender) ?? match (true) {
            $this->comesAfterTheEnd($mark) => Refusal::VisitClosed,
            $this->fold->comesTooLate($mark) => $what instanceof Withdrawn && $this->fold->mark($what->markId) === null
                ? Refusal::NothingToWithdraw
                : null,
            $what instanceof LateCounted => $this->fold->isSetApart($what->markId) ? null : Refusal::NotSetApart,
            $what instanceof Arrived => Refusal::AlreadyArrived,
            $this->comesUnasked($mark) => Refusal::AskFirst,
            $what instanceof GradeJudged => $this->gradeAt($mark) === null ? Refusal::NotGradedYet : null,
            $what instanceof TreatmentChosen => $this->onTreatment($mark, $what),
            $what instanceof PlanChosen => $this->onPlanChosen($what),
            $what instanceof BladeTried => $this->onBlade($mark),
            $what instanceof PlanShown => $this->onPlanShown($what),
            $what instanceof AnswerGiven => $this->onAnswer($what),
            $what instanceof FindingClosed => $this->knowsFinding($what->findingId),
            $what instanceof PhotoTaken => $what->findingId === null ? null : $this->knowsFinding($what->findingId),
            $what instanceof PhotoDeleted => isset($this->visit->kept->photos[$what->photoId])
                && ! isset($this->visit->kept->deletedPhotos[$what->photoId])
                ? null
                : Refusal::NoSuchPhoto,
            $what instanceof TurnDecided => $what->groomer === null || $this->sender->salon->isAtWork($what->groomer)
                ? null
                : Refusal::NobodyOfThatName,
            $what instanceof PromiseGiven => $this->onPromise($mark, $what),
            $what instanceof ReadyTold => $this->visit->bath->signedOff === null ? Refusal::NotSignedYet : null,
            $what instanceof Withdrawn => $this->onWithdrawal($what),
            in_array($mark->declared->phase, [Phase::Table, Phase::Bath], true),
            $what instanceof HandedOver => (new TableMarkGate($this->here, $this->sender->now))->refusal($mark),
            default => null,
        };
    }

    /**
     * What protects the dog is asked before anything is planned or begun; its own signals are always written down.
     *
     * @param Mark<Payload> $mark
     */
    private function comesUnasked(Mark $mark): bool
    {
        $what = $mark->what;
        $isPlan = $what instanceof PlanChosen || $what instanceof PlanShown || $what instanceof TreatmentChosen;
        $isWork = $mark->declared->phase === Phase::Table && ! $what instanceof Reacted;

        return ($isPlan || $isWork) && $this->visit->arrival->toAsk() !== [];
    }

    private function report(): VisitReport
    {
        return $this->here->report();
    }

    /**
     * What was recorded before the end is taken when it arrives late, for some days, and set apart; a note may be added, a photo
     * erased, and what was set apart counted at any time.
     *
     * @param Mark<Payload> $mark
     */
    private function comesAfterTheEnd(Mark $mark): bool
    {
        $closing = $this->visit->leaving->closing;
        if (
            $closing === null || $mark->what instanceof NoteWritten || $mark->what instanceof PhotoDeleted || $mark->what instanceof LateCounted
        ) {
            return false;
        }
        $undone = $mark->what instanceof Withdrawn ? $this->fold->mark($mark->what->markId) : null;
        if ($undone?->what instanceof LateCounted) {
            return false;
        }
        $undoesTheEnd = $undone?->id === $closing->id;

        return $this->sender->now > $closing->at->modify('+'.self::LATE_DAYS.' days') || (! $undoesTheEnd && $mark->at > $closing->at);
    }

    /**
     * The grade in force.
     *
     * @param Mark<Payload> $mark
     */
    private function gradeAt(Mark $mark): ?Grade
    {
        return $mark->section === null ? null : $this->report()->fromHere->grade($mark->section);
    }

    private function knowsFinding(string $findingId): ?Refusal
    {
        return in_array($findingId, $this->here->openFindings(), true) ? null : Refusal::NoSuchFinding;
    }

    /** @param Mark<Payload> $mark */
    private function onTreatment(Mark $mark, TreatmentChosen $chosen): ?Refusal
    {
        $options = $mark->section === null ? null : $this->report()->fromHere->options->at($mark->section);

        return match (true) {
            $options?->find($chosen->treatment) === null => Refusal::NotOffered,
            ! $chosen->saysWhy() && $this->departs($mark, $chosen) => Refusal::DepartureNeedsAReason,
            default => null,
        };
    }

    /**
     * Another treatment than the chosen plan's, after the client said yes to it.
     *
     * @param Mark<Payload> $mark
     */
    private function departs(Mark $mark, TreatmentChosen $chosen): bool
    {
        $planned = $mark->section === null ? null : $this->visit->planned->chosen?->what->choices->for($mark->section);

        return $planned !== null && $planned->code() !== $chosen->treatment->code() && $this->report()->isAgreed();
    }

    /** @param Mark<Payload> $mark */
    private function onBlade(Mark $mark): ?Refusal
    {
        $options = $mark->section === null ? null : $this->report()->fromHere->options->at($mark->section);

        return match (true) {
            $options?->isLeftAlone() === true => Refusal::HeldForVet,
            $this->gradeAt($mark)?->isMatted() !== true => Refusal::NoMatThere,
            default => null,
        };
    }

    private function onPlanChosen(PlanChosen $chosen): ?Refusal
    {
        foreach ($this->report()->fromHere->options as $section => $options) {
            $treatment = $chosen->choices->for($section);
            if ($treatment === null || $options->find($treatment) === null) {
                return Refusal::NotOffered;
            }
        }

        return $this->report()->fromHere->toCheck() === [] ? null : Refusal::PlanIncomplete;
    }

    private function onPlanShown(PlanShown $shown): ?Refusal
    {
        return match (true) {
            ! $this->report()->totals->isComplete() => Refusal::PlanIncomplete,
            ! $shown->choices->equals($this->report()->totals->choices) => Refusal::PlanHasChanged,
            // What the client reads is what it costs.
            $shown->priceCents !== null && $shown->priceCents !== $this->report()->priceAsPlanned()->totalCents => Refusal::PlanHasChanged,
            default => null,
        };
    }

    /** A yes is to the plan in force; a no, a question or a wish to be called may come to any plan that was shown. */
    private function onAnswer(AnswerGiven $given): ?Refusal
    {
        $terms = $this->visit->agreement->termsOf($given->planId);

        return match (true) {
            $terms === null => Refusal::NoSuchPlan,
            $given->answer !== ClientAnswer::Yes => null,
            $this->visit->agreement->latest?->id !== $given->planId => Refusal::NoSuchPlan,
            ! $this->report()->isShownAsItIs() => Refusal::PlanHasChanged,
            $given->via === AnswerVia::Standing && $this->visit->agreement->no !== null => Refusal::TheNoStands,
            $given->via === AnswerVia::Standing && $this->report()->asks() !== [] => Refusal::BeyondStandingPermission,
            default => null,
        };
    }

    /** @param Mark<Payload> $mark */
    private function onPromise(Mark $mark, PromiseGiven $given): ?Refusal
    {
        return match (true) {
            $given->promisedAt <= $mark->at => Refusal::PromiseIsOver,
            $given->promisedAt > $mark->at->modify('+'.self::PROMISE_HOURS.' hours') => Refusal::PromiseIsFar,
            default => null,
        };
    }

    private function onWithdrawal(Withdrawn $withdrawal): ?Refusal
    {
        $mark = $this->fold->mark($withdrawal->markId);

        return match (true) {
            $mark === null || $this->fold->isWithdrawn($mark->id) => Refusal::NothingToWithdraw,
            ! $mark->declared->undoable => Refusal::CannotBeWithdrawn,
            $mark->what instanceof AnswerGiven && $mark->what->isNoByLink() => Refusal::TheNoStands,
            $mark->declared->phase === Phase::End && $this->sender->salon->isHereAgain() => Refusal::DogIsHereAgain,
            default => null,
        };
    }
}
