<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

use HoundCheck\Core\Bath\BathFold;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grader;
use HoundCheck\Core\CombCheck\GradeRule;
use HoundCheck\Core\CombCheck\OpenFinding;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\Inspection\Graded;
use HoundCheck\Core\Inspection\GradedAt;
use HoundCheck\Core\Inspection\InspectionClock;
use HoundCheck\Core\Inspection\Weighing;
use HoundCheck\Core\Marks\Kinds\AnswerGiven;
use HoundCheck\Core\Marks\Kinds\ArrivalAnswered;
use HoundCheck\Core\Marks\Kinds\Arrived;
use HoundCheck\Core\Marks\Kinds\BladeTried;
use HoundCheck\Core\Marks\Kinds\CombChecked;
use HoundCheck\Core\Marks\Kinds\EvenWanted;
use HoundCheck\Core\Marks\Kinds\FeetPlanned;
use HoundCheck\Core\Marks\Kinds\FindingClosed;
use HoundCheck\Core\Marks\Kinds\FindingMinded;
use HoundCheck\Core\Marks\Kinds\FindingNoted;
use HoundCheck\Core\Marks\Kinds\GradeJudged;
use HoundCheck\Core\Marks\Kinds\HandedOver;
use HoundCheck\Core\Marks\Kinds\KnotFelt;
use HoundCheck\Core\Marks\Kinds\NextVisitChosen;
use HoundCheck\Core\Marks\Kinds\NoteWritten;
use HoundCheck\Core\Marks\Kinds\PhotoDeleted;
use HoundCheck\Core\Marks\Kinds\PhotoTaken;
use HoundCheck\Core\Marks\Kinds\PlanChosen;
use HoundCheck\Core\Marks\Kinds\PlanShown;
use HoundCheck\Core\Marks\Kinds\Stopped;
use HoundCheck\Core\Marks\Kinds\TableCombed;
use HoundCheck\Core\Marks\Kinds\TreatmentChosen;
use HoundCheck\Core\Marks\Kinds\TreatmentFreed;
use HoundCheck\Core\Marks\Kinds\TurnDecided;
use HoundCheck\Core\Marks\Kinds\VisitSplit;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Words\ArrivalAnswers;
use HoundCheck\Core\Marks\Words\Terms;
use HoundCheck\Core\Table\Asked;
use HoundCheck\Core\Table\FeetClock;
use HoundCheck\Core\Table\RunFold;

/** A visit while its marks are folded: what counts, mark after mark. Marks that were taken back do not come here. */
final class WhatCounts
{
    /** @var Mark<Arrived>|null */
    private ?Mark $arrival = null;

    private ArrivalAnswers $answers;

    /** @var array<string, Mark<CombChecked>> */
    private array $checks = [];

    /** @var array<string, string> id of the mark by section id */
    private array $felt = [];

    /** @var array<string, Mark<GradeJudged>> */
    private array $judged = [];

    /** @var array<string, Mark<FindingNoted>> */
    private array $findings = [];

    /** @var array<string, string> */
    private array $closedFindings = [];

    /** @var array<string, list<string>> ids of the findings that were known when somebody minded them, by section id */
    private array $minded = [];

    /** @var array<string, Mark<PhotoTaken>> */
    private array $photos = [];

    /** @var array<string, Mark<PhotoDeleted>> */
    private array $deletedPhotos = [];

    /** @var array<string, Mark<TreatmentChosen>> */
    private array $fixedMarks = [];

    /** @var Mark<PlanChosen>|null */
    private ?Mark $planChosen = null;

    /** @var Mark<VisitSplit>|null */
    private ?Mark $split = null;

    /** @var Mark<EvenWanted>|null */
    private ?Mark $evenWanted = null;

    /** @var array<string, list<Mark<BladeTried>>> */
    private array $bladeTries = [];

    /** @var array<string, int> blades tried before the comb was drawn through the section last, by section id */
    private array $oldTries = [];

    /** @var list<string> ids of sections whose treatment was fixed before the plan was chosen */
    private array $fixedBefore = [];

    /** @var list<Mark<NoteWritten>> */
    private array $notes = [];

    /** @var Mark<HandedOver>|Mark<Stopped>|null */
    private ?Mark $closing = null;

    /** @var Mark<NextVisitChosen>|null */
    private ?Mark $nextVisit = null;

    private Agreement $agreement;

    private readonly RunFold $run;

    private readonly BathFold $bath;

    private readonly FeetClock $feet;

    /** When the dog last left: a going home that was taken back is a leaving too. */
    private ?\DateTimeImmutable $leftAt = null;

    private ?\DateTimeImmutable $lastAt = null;

    private ?string $handsOf = null;

    private Arranged $arranged;

    /** @var Mark<FeetPlanned>|null */
    private ?Mark $feetPlanned = null;

    private readonly InspectionClock $inspection;

    private readonly AskedPlaces $asked;

    private readonly Weighing $weighing;

    private ?VisitState $state = null;

    /** @param array<string, array<string, OpenFinding>> $carried findings still open from earlier visits, by section id and their own */
    public function __construct(HouseRules $rules, private readonly array $carried)
    {
        $this->answers = new ArrivalAnswers;
        $this->agreement = Agreement::none();
        $this->arranged = new Arranged;
        $this->run = new RunFold;
        $this->bath = new BathFold;
        $this->feet = new FeetClock($rules->standing->restMinutes);
        $this->asked = new AskedPlaces($rules, $carried);
        $this->weighing = new Weighing;
        $this->inspection = new InspectionClock;
    }

    /** @param Mark<Payload> $mark that was taken back: the dog was gone, and combed, all the same */
    public function seeWithdrawn(Mark $mark): void
    {
        $this->inspection->take($mark);
        if ($mark->what instanceof HandedOver) {
            $this->leftAt = $mark->at;
        }
        $this->state = null;
    }

    /**
     * @param Mark<Payload> $mark
     * @param int $number in the visit, from 1
     */
    public function take(Mark $mark, int $number): void
    {
        $phase = $mark->declared->phase;
        $stands = $this->weighing->weigh($mark, $number);
        $isOutweighed = $stands->id !== $mark->id;
        $this->feet->take($mark);
        $this->inspection->take($mark);
        if ($phase === Phase::Table || $phase === Phase::Bath) {
            $this->run->take($isOutweighed ? $mark : $stands, $this->asks(...), $isOutweighed);
            $phase === Phase::Bath ? $this->bath->take($stands) : null;
            $isOutweighed ? $this->keepTheWorse($stands) : null;
        } else {
            if ($phase === Phase::Plan && $this->run->hasBegun()) {
                // What was worked until now was worked as it was planned until now.
                $this->run->settle($mark->at, $this->asks(...));
            }
            $this->apply($mark, $stands);
        }
        $this->asked->after($mark);
        $this->lastAt = $this->lastAt === null ? $mark->at : max($this->lastAt, $mark->at);
        $this->arranged = $this->arranged->after($mark);
        $this->handsOf = match (true) {
            $mark->declared->handsOn => $mark->by,
            $mark->what instanceof TurnDecided => $this->arranged->groomer() ?? $this->handsOf,
            default => $this->handsOf,
        };
        $this->state = null;
    }

    /**
     * @param Mark<Payload> $mark
     * @param Mark<Payload> $stands the answer that counts where it was made
     */
    private function apply(Mark $mark, Mark $stands): void
    {
        $what = $mark->what;
        $id = (string) $mark->section?->value;
        match (true) {
            $what instanceof Arrived => $this->arrival ??= $mark->of(Arrived::class),
            $what instanceof ArrivalAnswered => $this->answers = $this->answers->with($what->changes),
            $what instanceof CombChecked => $this->check($mark->of(CombChecked::class), $stands),
            $what instanceof KnotFelt => $this->felt[$id] ??= $mark->id,
            $what instanceof BladeTried => $this->bladeTries[$id][] = $mark->of(BladeTried::class),
            $what instanceof GradeJudged => $this->judged[$id] = $stands->of(GradeJudged::class),
            $what instanceof FindingNoted => $this->findings[$mark->id] = $mark->of(FindingNoted::class),
            $what instanceof FindingClosed => $this->closedFindings[$what->findingId] = $mark->id,
            $what instanceof FindingMinded => $this->minded[$id] = array_keys($this->findings + ($this->carried[$id] ?? [])),
            $what instanceof PhotoTaken => $this->photos[$mark->id] = $mark->of(PhotoTaken::class),
            $what instanceof PhotoDeleted => $this->deletedPhotos[$what->photoId] = $mark->of(PhotoDeleted::class),
            $what instanceof TreatmentChosen => $this->fix($id, $mark->of(TreatmentChosen::class)),
            $what instanceof TreatmentFreed => $this->free($id),
            $what instanceof PlanChosen => $this->choose($mark->of(PlanChosen::class)),
            $what instanceof VisitSplit => $this->split = $mark->of(VisitSplit::class),
            $what instanceof EvenWanted => $this->evenWanted = $mark->of(EvenWanted::class),
            $what instanceof FeetPlanned => $this->feetPlanned = $mark->of(FeetPlanned::class),
            $what instanceof NextVisitChosen => $this->nextVisit = $mark->of(NextVisitChosen::class),
            $what instanceof NoteWritten => $this->notes[] = $mark->of(NoteWritten::class),
            $what instanceof PlanShown => $this->agreement = $this->agreement->show($mark->of(PlanShown::class), $what->terms ?? $this->termsBefore($what)),
            $what instanceof AnswerGiven => $this->agreement = $this->agreement->answer($mark->of(AnswerGiven::class)),
            $what instanceof HandedOver => $this->closing ??= $mark->of(HandedOver::class),
            $what instanceof Stopped => $this->closing ??= $mark->of(Stopped::class),
            default => null,
        };
    }

    /**
     * @param Mark<CombChecked> $mark
     * @param Mark<Payload> $stands
     */
    private function check(Mark $mark, Mark $stands): void
    {
        if ($mark->section === null) {
            return;
        }
        $id = $mark->section->value;
        $grading = (new Grader)->grade($mark->what->check);
        $graded = new Graded($mark->id, $grading->grade, GradedAt::Inspection, $mark->at, $mark->by, $grading->rule === GradeRule::UndercoatPacked);
        if ($stands->id !== $mark->id) {
            $this->run->heard($mark->section, $graded);
            $this->keepTheWorse($stands);

            return;
        }
        $this->checks[$id] = $stands->of(CombChecked::class);
        $this->oldTries[$id] = count($this->bladeTries[$id] ?? []);
        $this->run->inspected($mark->section, $graded, $this->checks[$id]->what->check);
    }

    /**
     * What stands at a place, though another answer came after it.
     *
     * @param Mark<Payload> $stands
     */
    private function keepTheWorse(Mark $stands): void
    {
        $what = $stands->what;
        if ($stands->section === null || ! ($what instanceof CombChecked || $what instanceof TableCombed)) {
            return;
        }
        if ($what instanceof CombChecked) {
            $this->checks[$stands->section->value] = $stands->of(CombChecked::class);
        }
        $this->run->stands($stands->section, $what->check);
    }

    /** Of a plan that was shown before its terms were kept with it: what it cost then is not known. */
    private function termsBefore(PlanShown $shown): Terms
    {
        $dog = $this->state()->dog();

        return new Terms($shown->choices, null, null, $dog->weightKg, $this->answers->feeLimitCents, $this->state()->consent());
    }

    /** @param Mark<TreatmentChosen> $mark */
    private function fix(string $sectionId, Mark $mark): void
    {
        $this->fixedMarks[$sectionId] = $mark;
        $this->fixedBefore = array_values(array_diff($this->fixedBefore, [$sectionId]));
    }

    private function free(string $sectionId): void
    {
        unset($this->fixedMarks[$sectionId]);
    }

    /** @param Mark<PlanChosen> $mark */
    private function choose(Mark $mark): void
    {
        $this->planChosen = $mark;
        $this->fixedBefore = array_keys($this->fixedMarks);
    }

    private function asks(Section $section): Asked
    {
        return $this->asked->at($section, $this->state(...));
    }

    public function state(): VisitState
    {
        return $this->state ??= new VisitState(
            $this->arrival ?? throw VisitHasNotArrived::noArrivalAmongMarks(),
            $this->answers,
            $this->checks,
            $this->felt,
            $this->judged,
            $this->findings,
            $this->closedFindings,
            $this->minded,
            $this->photos,
            $this->deletedPhotos,
            $this->fixedMarks,
            $this->fixedBefore,
            $this->planChosen,
            $this->split,
            $this->evenWanted,
            $this->bladeTries,
            $this->oldTries,
            $this->notes,
            $this->agreement,
            $this->nextVisit,
            $this->closing,
            $this->run->run(),
            $this->bath->run(),
            $this->feet->stands(),
            $this->leftAt,
            $this->lastAt,
            $this->handsOf,
            $this->arranged,
            $this->weighing->undecided(),
            $this->feetPlanned,
            $this->inspection->seconds(),
        );
    }
}
