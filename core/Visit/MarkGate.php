<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Plan\CoatReport;
use HoundCheck\Core\Plan\PlanTotals;
use HoundCheck\Core\Visit\Marks\AnswerGiven;
use HoundCheck\Core\Visit\Marks\Arrived;
use HoundCheck\Core\Visit\Marks\FindingClosed;
use HoundCheck\Core\Visit\Marks\GradeJudged;
use HoundCheck\Core\Visit\Marks\NoteWritten;
use HoundCheck\Core\Visit\Marks\PhotoDeleted;
use HoundCheck\Core\Visit\Marks\PhotoTaken;
use HoundCheck\Core\Visit\Marks\PlanChosen;
use HoundCheck\Core\Visit\Marks\PlanShown;
use HoundCheck\Core\Visit\Marks\TreatmentChosen;
use HoundCheck\Core\Visit\Marks\Withdrawn;

/** Decides whether a new mark is taken, given the visit as it stands. */
final readonly class MarkGate
{
    private VisitState $visit;

    private CoatReport $report;

    private PlanTotals $totals;

    /**
     * @param VisitReport $stands the visit as it stands
     * @param list<Mark> $marks taken so far
     * @param list<string> $openFindings ids of findings open on this dog, earlier visits' included
     */
    public function __construct(private VisitReport $stands, private array $marks, private array $openFindings)
    {
        $this->visit = $stands->state;
        $this->report = $stands->report;
        $this->totals = $stands->totals;
    }

    /** @return Refusal|null null: it is taken */
    public function refusal(Mark $mark): ?Refusal
    {
        $what = $mark->payload;
        if ($this->comesAfterTheEnd($mark)) {
            return Refusal::VisitClosed;
        }

        return match (true) {
            $what instanceof Arrived => Refusal::AlreadyArrived,
            $what instanceof GradeJudged => $mark->section !== null && $this->report->gradings[$mark->section->value]->grade === null ? Refusal::NotGradedYet : null,
            $what instanceof TreatmentChosen => $this->onTreatment($mark, $what),
            $what instanceof PlanChosen => $this->onPlanChosen($what),
            $what instanceof PlanShown => $this->onPlanShown($what),
            $what instanceof AnswerGiven => $this->onAnswer($what),
            $what instanceof FindingClosed => in_array($what->findingId, $this->openFindings, true) ? null : Refusal::NoSuchFinding,
            $what instanceof PhotoTaken => $what->findingId === null || in_array($what->findingId, $this->openFindings, true) ? null : Refusal::NoSuchFinding,
            $what instanceof PhotoDeleted => isset($this->visit->photos[$what->photoId]) && ! isset($this->visit->deletedPhotos[$what->photoId]) ? null : Refusal::NoSuchPhoto,
            $what instanceof Withdrawn => $this->onWithdrawal($what),
            default => (new TableMarkGate($this->stands))->refusal($mark),
        };
    }

    /** What was recorded before the end still counts when it arrives late; a note may be added and a photo erased at any time. */
    private function comesAfterTheEnd(Mark $mark): bool
    {
        $closing = $this->visit->closing;
        if ($closing === null || $mark->payload instanceof NoteWritten || $mark->payload instanceof PhotoDeleted) {
            return false;
        }
        $undoesTheEnd = $mark->payload instanceof Withdrawn && $mark->payload->markId === $closing->id;

        return ! $undoesTheEnd && $mark->at > $closing->at;
    }

    private function onTreatment(Mark $mark, TreatmentChosen $chosen): ?Refusal
    {
        $options = $mark->section === null ? null : ($this->report->options[$mark->section->value] ?? null);

        return match (true) {
            $options?->find($chosen->treatment) === null => Refusal::NotOffered,
            $chosen->reason === null && $this->departs($mark, $chosen) => Refusal::DepartureNeedsAReason,
            default => null,
        };
    }

    /** Another treatment than the chosen plan's, after the client said yes to it. */
    private function departs(Mark $mark, TreatmentChosen $chosen): bool
    {
        $planned = $mark->section === null ? null : $this->visit->planChosen?->what->choices->for($mark->section);

        return $planned !== null && $planned->code() !== $chosen->treatment->code() && $this->stands->isAgreed();
    }

    private function onPlanChosen(PlanChosen $chosen): ?Refusal
    {
        foreach ($this->report->options as $id => $options) {
            $treatment = $chosen->choices->for(Section::from($id));
            if ($treatment === null || $options->find($treatment) === null) {
                return Refusal::NotOffered;
            }
        }

        return $this->report->toCheck() === [] ? null : Refusal::PlanIncomplete;
    }

    private function onPlanShown(PlanShown $shown): ?Refusal
    {
        return match (true) {
            ! $this->totals->isComplete() => Refusal::PlanIncomplete,
            ! $shown->choices->equals($this->totals->choices) => Refusal::PlanHasChanged,
            default => null,
        };
    }

    private function onAnswer(AnswerGiven $given): ?Refusal
    {
        return match (true) {
            $this->visit->planShown?->id !== $given->planId => Refusal::NoSuchPlan,
            ! $this->visit->planShown->what->choices->equals($this->totals->choices) => Refusal::PlanHasChanged,
            $given->via === AnswerVia::Standing && $this->stands->asks() !== [] => Refusal::BeyondStandingPermission,
            default => null,
        };
    }

    private function onWithdrawal(Withdrawn $withdrawal): ?Refusal
    {
        if (isset(VisitFold::withdrawnIds($this->marks)[$withdrawal->markId])) {
            return Refusal::NothingToWithdraw;
        }
        foreach ($this->marks as $mark) {
            if ($mark->id === $withdrawal->markId) {
                return $mark->kind->mayBeWithdrawn() ? null : Refusal::CannotBeWithdrawn;
            }
        }

        return Refusal::NothingToWithdraw;
    }
}
