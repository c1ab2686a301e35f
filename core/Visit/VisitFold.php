<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

use HoundCheck\Core\Marks\Recorded;
use HoundCheck\Core\Plan\Choices;
use HoundCheck\Core\Table\BathFold;
use HoundCheck\Core\Table\Marks\Waived;
use HoundCheck\Core\Table\RunFold;
use HoundCheck\Core\Visit\Marks\AnswerGiven;
use HoundCheck\Core\Visit\Marks\ArrivalAnswered;
use HoundCheck\Core\Visit\Marks\Arrived;
use HoundCheck\Core\Visit\Marks\BladeTried;
use HoundCheck\Core\Visit\Marks\CombChecked;
use HoundCheck\Core\Visit\Marks\EvenWanted;
use HoundCheck\Core\Visit\Marks\FindingClosed;
use HoundCheck\Core\Visit\Marks\FindingNoted;
use HoundCheck\Core\Visit\Marks\GradeJudged;
use HoundCheck\Core\Visit\Marks\HandedOver;
use HoundCheck\Core\Visit\Marks\NoteWritten;
use HoundCheck\Core\Visit\Marks\PhotoDeleted;
use HoundCheck\Core\Visit\Marks\PhotoTaken;
use HoundCheck\Core\Visit\Marks\PlanChosen;
use HoundCheck\Core\Visit\Marks\PlanShown;
use HoundCheck\Core\Visit\Marks\Stopped;
use HoundCheck\Core\Visit\Marks\TreatmentChosen;
use HoundCheck\Core\Visit\Marks\TreatmentFreed;
use HoundCheck\Core\Visit\Marks\Withdrawn;

/** Folds the marks of one visit, in the order the server numbered them, into the state they add up to. */
final class VisitFold
{
    /** @var Recorded<Arrived>|null */
    private ?Recorded $arrival = null;

    private ArrivalAnswers $answers;

    /** @var array<string, Recorded<CombChecked>> */
    private array $checks = [];

    /** @var array<string, Recorded<GradeJudged>> */
    private array $judged = [];

    /** @var array<string, Recorded<FindingNoted>> */
    private array $findings = [];

    /** @var array<string, string> */
    private array $closedFindings = [];

    /** @var array<string, Recorded<PhotoTaken>> */
    private array $photos = [];

    /** @var array<string, Recorded<PhotoDeleted>> */
    private array $deletedPhotos = [];

    /** @var array<string, Recorded<TreatmentChosen>> */
    private array $chosen = [];

    /** @var Recorded<PlanChosen>|null */
    private ?Recorded $planChosen = null;

    /** @var Recorded<EvenWanted>|null */
    private ?Recorded $evenWanted = null;

    /** @var array<string, list<Recorded<BladeTried>>> */
    private array $bladeTries = [];

    /** @var list<Recorded<NoteWritten>> */
    private array $notes = [];

    /** @var Recorded<PlanShown>|null */
    private ?Recorded $planShown = null;

    /** @var Recorded<AnswerGiven>|null */
    private ?Recorded $answer = null;

    private ?Choices $agreed = null;

    /** @var Recorded<HandedOver>|Recorded<Stopped>|null */
    private ?Recorded $closing = null;

    private readonly RunFold $run;

    private readonly BathFold $bath;

    /** When the dog last left: a going home that was taken back is a leaving too. */
    private ?\DateTimeImmutable $leftAt = null;

    private function __construct()
    {
        $this->answers = new ArrivalAnswers;
        $this->run = new RunFold;
        $this->bath = new BathFold;
    }

    /**
     * @param list<Mark> $marks in server order
     *
     * @throws VisitHasNotArrived when the first thing to know about a visit, the dog, is missing
     */
    public static function of(array $marks): VisitState
    {
        $fold = new self;
        $withdrawn = self::withdrawnIds($marks);
        foreach ($marks as $mark) {
            if (! isset($withdrawn[$mark->id])) {
                $fold->apply($mark);
            } elseif ($mark->payload instanceof HandedOver) {
                $fold->leftAt = $mark->at;
            }
        }

        return $fold->state();
    }

    /**
     * @param list<Mark> $marks
     *
     * @return array<string, string> id of the withdrawing mark by id of the mark it takes back
     */
    public static function withdrawnIds(array $marks): array
    {
        $withdrawn = [];
        foreach ($marks as $mark) {
            if ($mark->payload instanceof Withdrawn) {
                $withdrawn[$mark->payload->markId] = $mark->id;
            }
        }

        return $withdrawn;
    }

    private function apply(Mark $mark): void
    {
        $what = $mark->payload;
        $recorded = new Recorded($mark->id, $what, $mark->section, $mark->at, $mark->by);
        if ($mark->kind->isOfTheTable()) {
            $this->run->take($recorded);

            return;
        }
        if ($mark->kind->isAfterTheTable() || $what instanceof Waived) {
            $this->run->seeAfter($recorded);
            $this->bath->take($recorded);

            return;
        }
        match (true) {
            $what instanceof Arrived => $this->arrival ??= $recorded,
            $what instanceof ArrivalAnswered => $this->answers = $this->answers->with($what->changes),
            $what instanceof CombChecked => $this->checks[(string) $mark->section?->value] = $recorded,
            $what instanceof BladeTried => $this->bladeTries[(string) $mark->section?->value][] = $recorded,
            $what instanceof GradeJudged => $this->judged[(string) $mark->section?->value] = $recorded,
            $what instanceof FindingNoted => $this->findings[$mark->id] = $recorded,
            $what instanceof FindingClosed => $this->closedFindings[$what->findingId] = $mark->id,
            $what instanceof PhotoTaken => $this->photos[$mark->id] = $recorded,
            $what instanceof PhotoDeleted => $this->deletedPhotos[$what->photoId] = $recorded,
            $what instanceof TreatmentChosen => $this->chosen[(string) $mark->section?->value] = $recorded,
            $what instanceof TreatmentFreed => $this->free((string) $mark->section?->value),
            $what instanceof PlanChosen => $this->planChosen = $recorded,
            $what instanceof EvenWanted => $this->evenWanted = $recorded,
            $what instanceof NoteWritten => $this->notes[] = $recorded,
            $what instanceof PlanShown => $this->showPlan($recorded),
            $what instanceof AnswerGiven => $this->takeAnswer($recorded, $what),
            $what instanceof HandedOver, $what instanceof Stopped => $this->closing ??= $recorded,
            default => null,
        };
    }

    private function free(string $sectionId): void
    {
        unset($this->chosen[$sectionId]);
    }

    /** @param Recorded<PlanShown> $shown */
    private function showPlan(Recorded $shown): void
    {
        $this->planShown = $shown;
        $this->answer = null;
    }

    /** @param Recorded<AnswerGiven> $recorded */
    private function takeAnswer(Recorded $recorded, AnswerGiven $given): void
    {
        // An answer to an older plan says nothing about this one.
        if ($this->planShown?->id === $given->planId) {
            $this->answer = $recorded;
            // What the client agreed to stays agreed while a later plan waits for its answer.
            $this->agreed = $given->answer === ClientAnswer::Yes ? $this->planShown->what->choices : $this->agreed;
        }
    }

    private function state(): VisitState
    {
        return new VisitState(
            $this->arrival ?? throw VisitHasNotArrived::noArrivalAmongMarks(),
            $this->answers,
            $this->checks,
            $this->judged,
            $this->findings,
            $this->closedFindings,
            $this->photos,
            $this->deletedPhotos,
            $this->chosen,
            $this->planChosen,
            $this->evenWanted,
            $this->bladeTries,
            $this->notes,
            $this->planShown,
            $this->answer,
            $this->agreed,
            $this->closing,
            $this->run->run(),
            $this->bath->run(),
            $this->leftAt,
        );
    }
}
