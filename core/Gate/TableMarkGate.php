<?php

declare(strict_types=1);

namespace HoundCheck\Core\Gate;

use HoundCheck\Core\Bath\BathAdvice;
use HoundCheck\Core\Bath\BathGate;
use HoundCheck\Core\Bath\DryAdvice;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\Home\GoingHome;
use HoundCheck\Core\Marks\Kinds\BathCleared;
use HoundCheck\Core\Marks\Kinds\BathStepped;
use HoundCheck\Core\Marks\Kinds\Clipped;
use HoundCheck\Core\Marks\Kinds\Dried;
use HoundCheck\Core\Marks\Kinds\DryStarted;
use HoundCheck\Core\Marks\Kinds\HandedOver;
use HoundCheck\Core\Marks\Kinds\HeldPlaceSettled;
use HoundCheck\Core\Marks\Kinds\LineDone;
use HoundCheck\Core\Marks\Kinds\MatsOpened;
use HoundCheck\Core\Marks\Kinds\MatTaken;
use HoundCheck\Core\Marks\Kinds\MatWorked;
use HoundCheck\Core\Marks\Kinds\Misted;
use HoundCheck\Core\Marks\Kinds\PostureTaken;
use HoundCheck\Core\Marks\Kinds\RakePassed;
use HoundCheck\Core\Marks\Kinds\RunStarted;
use HoundCheck\Core\Marks\Kinds\SecondCombed;
use HoundCheck\Core\Marks\Kinds\SectionTaken;
use HoundCheck\Core\Marks\Kinds\SignedOff;
use HoundCheck\Core\Marks\Kinds\TableCombed;
use HoundCheck\Core\Marks\Kinds\Waived;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Words\BathProduct;
use HoundCheck\Core\Marks\Words\BathStep;
use HoundCheck\Core\Marks\Words\MatOutcome;
use HoundCheck\Core\Marks\Words\Posture;
use HoundCheck\Core\Marks\Words\WaivedStep;
use HoundCheck\Core\Plan\Treatment;
use HoundCheck\Core\Table\Undercoat;
use HoundCheck\Core\Visit\Scopes;
use HoundCheck\Core\Visit\VisitReport;

/** Decides whether a mark of table, bath, drying and finish is taken. The server asks it; the screens only follow. */
final readonly class TableMarkGate
{
    /** @param \DateTimeImmutable $now by the server's clock */
    public function __construct(private AtTheGate $here, private \DateTimeImmutable $now) {}

    /**
     * @param Mark<Payload> $mark
     *
     * @return Refusal|null null: it is taken
     */
    public function refusal(Mark $mark): ?Refusal
    {
        $what = $mark->what;
        $section = $mark->section;
        if ($mark->declared->phase === Phase::Table && ! $this->here->grounds()->inspected) {
            return Refusal::InspectFirst;
        }
        if ($section !== null && $this->worksOn($what)) {
            $hold = $this->hold($section, $what);
            if ($hold !== null) {
                return $hold;
            }
        }

        if ($this->here->grounds()->liesOnItsBack && $this->pulls($what)) {
            return Refusal::LiesOnItsBack;
        }

        return match (true) {
            $what instanceof RunStarted => $this->onStart($what),
            $what instanceof PostureTaken => $what->posture === Posture::Back && $this->visit()->state->arrival->neverOnTheBack()
                ? Refusal::NeverOnTheBack
                : null,
            $what instanceof LineDone => $section !== null && $what->line > $this->here->grounds()->effort->geometry($section)->lines
                ? Refusal::NoSuchLine
                : null,
            $what instanceof Clipped => $section === null ? null : $this->onClip($section, $what->mm),
            $what instanceof MatTaken => $section === null ? null : $this->onMatTaken($section),
            $what instanceof MatWorked => $section === null ? null : $this->onMat($section, $what),
            $what instanceof RakePassed => Undercoat::isRaked($this->visit()->fromHere->case->dog) ? null : Refusal::NotOffered,
            $what instanceof HeldPlaceSettled => in_array($what->way, $this->visit()->heldWays()[$section->value ?? ''] ?? [], true)
                ? null
                : Refusal::NoWayRound,
            $what instanceof Waived => $section === null ? null : $this->onWaiver($section, $what),
            $what instanceof BathCleared => $this->visit()->gate($this->judgedAt($mark->at))->isOpen() ? null : Refusal::GateShut,
            $what instanceof BathStepped => $this->onBath($this->judgedAt($mark->at), $what),
            $what instanceof DryStarted => $this->onDrying($what),
            $what instanceof Dried => $this->visit()->state->bath->isBathed() ? null : Refusal::NotBathedYet,
            $what instanceof SecondCombed => $section !== null && ! $this->visit()->state->bath->isDryAt($section)
                ? Refusal::NotDryYet
                : null,
            $what instanceof SignedOff => $this->onSignOff(),
            $what instanceof HandedOver => $this->onHandOver($what),
            default => null,
        };
    }

    private function visit(): VisitReport
    {
        return $this->here->report();
    }

    /** To take a section in hand is no work on it yet. */
    private function hold(Section $section, Payload $what): ?Refusal
    {
        $grounds = $this->here->grounds();

        return match (true) {
            in_array($section, $grounds->held, true) => Refusal::HeldForVet,
            in_array($section, $grounds->later, true) => Refusal::LaterVisit,
            ! $what instanceof SectionTaken && in_array($section, $grounds->toMind, true) => Refusal::MindFirst,
            default => null,
        };
    }

    private function pulls(Payload $what): bool
    {
        return $what instanceof MatTaken
            || $what instanceof RakePassed
            || ($what instanceof BathStepped && $what->step->isRaking())
            || ($what instanceof MatWorked && $what->outcome !== MatOutcome::Clipped);
    }

    private function worksOn(Payload $what): bool
    {
        return $what instanceof SectionTaken
            || $what instanceof LineDone
            || $what instanceof TableCombed
            || $what instanceof Clipped
            || $what instanceof MatTaken
            || $what instanceof MatWorked
            || $what instanceof MatsOpened
            || $what instanceof Misted
            || $what instanceof RakePassed;
    }

    /** No cut beyond what was allowed or agreed, and none that the plan rules out. */
    private function onClip(Section $section, float $mm): ?Refusal
    {
        $state = $this->visit()->state;
        $offer = $this->visit()->fromHere->options->at($section);

        return match (true) {
            $this->isUndecided($section) => Refusal::TwoAnswers,
            ! $this->visit()->consent()->mayClip($section, $mm) => Refusal::NotAgreed,
            ! $state->run->at($section)->isDone() && $offer?->find(Treatment::clip($mm)) === null => Refusal::NotOffered,
            $offer?->find(Treatment::clip($mm))?->bladeTestFirst === true => Refusal::BladeTestFirst,
            default => null,
        };
    }

    private function onStart(RunStarted $started): ?Refusal
    {
        return match (true) {
            ! in_array($started->scope, Scopes::of($this->visit()), true) => Refusal::NotOffered,
            $this->visit()->asksWhyItStandsSoLong() => Refusal::TooLongOnItsFeet,
            default => null,
        };
    }

    private function isUndecided(Section $section): bool
    {
        return isset($this->visit()->state->combed->twoAnswers()[$section->value]);
    }

    /** What can only be clipped, or is left alone, nobody takes in hand to open. */
    private function onMatTaken(Section $section): ?Refusal
    {
        return match (true) {
            $this->visit()->borne->isSpent() => Refusal::DemattingOver,
            ! $this->visit()->mayTakeInHand($section) => Refusal::NotOffered,
            default => null,
        };
    }

    private function onMat(Section $section, MatWorked $worked): ?Refusal
    {
        $offer = $this->visit()->fromHere->options->at($section);
        $grade = $this->visit()->fromHere->grade($section);

        return match (true) {
            $this->visit()->state->run->mat?->section !== $section => Refusal::NoMatInHand,
            in_array($worked->outcome, [MatOutcome::Clipped, MatOutcome::Thinned], true) && $this->isUndecided($section) => Refusal::TwoAnswers,
            // A mat cut out is a cut: the client's word holds for it too.
            $worked->outcome === MatOutcome::Clipped => $this->visit()->consent()->mayClip($section, INF)
                ? null
                : Refusal::NotAgreed,
            $worked->outcome === MatOutcome::Thinned
                && $grade?->atLeast(Grade::Mat) === true
                && $offer?->find(Treatment::thin()) === null => Refusal::NotOffered,
            default => null,
        };
    }

    private function onWaiver(Section $section, Waived $waived): ?Refusal
    {
        if ($waived->step === WaivedStep::AfterDrying) {
            $grade = $this->visit()->state->bath->secondGrade($section);

            return BathGate::mayWaiveAfterDrying($grade, $this->visit()->rules->table) ? null : Refusal::NoWaiverForMats;
        }
        $grade = BathGate::gradeAt($section, $this->visit()->state->run, $this->visit()->atInspection->grades);

        $mayWaive = BathGate::mayWaive($grade, $this->visit()->rules->table) && ! in_array($section, $this->visit()->held, true);

        return $mayWaive ? null : Refusal::NoWaiverForMats;
    }

    /**
     * When the gate is looked at: by the hand; but what is sent on a later day is no proof of that day before, unless the whole visit
     * was recorded without a network and arrives now.
     */
    private function judgedAt(\DateTimeImmutable $at): \DateTimeImmutable
    {
        $visit = $this->visit();
        $today = $visit->dayOf($this->now);
        $beganToday = $visit->dayOf($visit->state->arrival->cameIn()->receivedAt ?? $at) === $today;

        return $beganToday || $visit->dayOf($at) === $today ? $at : $this->now;
    }

    private function onBath(\DateTimeImmutable $at, BathStepped $stepped): ?Refusal
    {
        $steps = $this->visit()->state->bath->steps;

        return match (true) {
            $stepped->step === BathStep::Sponged => $steps === [] && $this->visit()->gate($at)->isShutByHeldPlacesOnly()
                ? null
                : Refusal::NotOffered,
            isset($steps[BathStep::Sponged->value]) => Refusal::NotOffered,
            // A dog that is wet is rinsed and dried, whatever is found: only the first water is gated.
            ! $this->visit()->state->bath->isWet() && ! $this->visit()->isCleared($at) => Refusal::GateShut,
            $stepped->step->after() !== null && ! isset($steps[$stepped->step->after()->value]) => Refusal::BathStepsInOrder,
            $stepped->step->isRaking() && ! Undercoat::isRaked($this->visit()->fromHere->case->dog) => Refusal::NotOffered,
            $stepped->step === BathStep::RakedUnderDryer && $this->visit()->state->bath->drying === null => Refusal::BathStepsInOrder,
            $stepped->product === BathProduct::VetOrdered
                && ! BathAdvice::isVetOrdered($this->visit()->state->arrival->answers->extras ?? []) => Refusal::OnlyAsAVetOrdered,
            default => null,
        };
    }

    private function onDrying(DryStarted $started): ?Refusal
    {
        return match (true) {
            ! $this->visit()->state->bath->isBathed() => Refusal::NotBathedYet,
            ! in_array(
                $started->method,
                DryAdvice::methods($this->visit()->fromHere->case->dog, $this->visit()->rules->schools),
                true,
            ) => Refusal::NotOffered,
            default => null,
        };
    }

    private function onSignOff(): ?Refusal
    {
        $bath = $this->visit()->state->bath;

        // A dog that comes again before its bath is not combed dry today.
        $isCombed = $this->visit()->state->later() !== [] || $bath->toCombAgain($this->visit()->held) === [];

        return $bath->aftercare === null || ! $isCombed ? Refusal::NotFinishedYet : null;
    }

    private function onHandOver(HandedOver $over): ?Refusal
    {
        $skipped = GoingHome::skipped($this->visit()->state->run, $this->visit()->state->bath, $this->visit()->held);

        return $skipped !== [] && $over->skippedBecause === null ? Refusal::SkippedStepsNeedAReason : null;
    }
}
