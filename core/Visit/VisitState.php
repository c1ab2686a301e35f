<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

use HoundCheck\Core\Bath\BathRun;
use HoundCheck\Core\Coat\BySection;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\FindingKind;
use HoundCheck\Core\CombCheck\OpenFinding;
use HoundCheck\Core\Dog\Dog;
use HoundCheck\Core\Dog\HealthFact;
use HoundCheck\Core\House\FinishStyle;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\House\Service;
use HoundCheck\Core\Inspection\TwoAnswers;
use HoundCheck\Core\Marks\Kinds\Arrived;
use HoundCheck\Core\Marks\Kinds\BladeTried;
use HoundCheck\Core\Marks\Kinds\CombChecked;
use HoundCheck\Core\Marks\Kinds\EvenWanted;
use HoundCheck\Core\Marks\Kinds\FeetPlanned;
use HoundCheck\Core\Marks\Kinds\FindingNoted;
use HoundCheck\Core\Marks\Kinds\GradeJudged;
use HoundCheck\Core\Marks\Kinds\HandedOver;
use HoundCheck\Core\Marks\Kinds\NextVisitChosen;
use HoundCheck\Core\Marks\Kinds\NoteWritten;
use HoundCheck\Core\Marks\Kinds\PhotoDeleted;
use HoundCheck\Core\Marks\Kinds\PhotoTaken;
use HoundCheck\Core\Marks\Kinds\PlanChosen;
use HoundCheck\Core\Marks\Kinds\Stopped;
use HoundCheck\Core\Marks\Kinds\TreatmentChosen;
use HoundCheck\Core\Marks\Kinds\VisitSplit;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\Words\ArrivalAnswers;
use HoundCheck\Core\Marks\Words\Unasked;
use HoundCheck\Core\Plan\BladeTest;
use HoundCheck\Core\Plan\BladeTry;
use HoundCheck\Core\Plan\Choices;
use HoundCheck\Core\Plan\ClipConsent;
use HoundCheck\Core\Plan\CoatCase;
use HoundCheck\Core\Plan\Frontier\Wishes;
use HoundCheck\Core\Plan\GradedSection;
use HoundCheck\Core\Plan\SectionOptions;
use HoundCheck\Core\Plan\Treatment;
use HoundCheck\Core\Plan\TreatmentKind;
use HoundCheck\Core\Plan\TreatmentTable;
use HoundCheck\Core\Table\OnItsFeet;
use HoundCheck\Core\Table\TableRun;
use HoundCheck\Core\Tolerance\Tolerance;

/** A visit as it stands: the fold of its marks. The same marks in the same order always give the same state. */
final readonly class VisitState
{
    /**
     * @param Mark<Arrived> $arrival
     * @param array<string, Mark<CombChecked>> $checks the latest by section id
     * @param array<string, string> $felt id of the mark, by section id where a hand felt something before the comb
     * @param array<string, Mark<GradeJudged>> $judged the groomer's own grade, the latest by section id
     * @param array<string, Mark<FindingNoted>> $findings by mark id
     * @param array<string, string> $closedFindings id of the closing mark by finding id, earlier visits' findings included
     * @param array<string, list<string>> $minded ids of the findings that somebody had seen at a section, by section id
     * @param array<string, Mark<PhotoTaken>> $photos by mark id, those whose picture was erased included
     * @param array<string, Mark<PhotoDeleted>> $deletedPhotos by the photo's id
     * @param array<string, Mark<TreatmentChosen>> $fixedMarks where the groomer fixed a treatment, the latest by section id
     * @param list<string> $fixedBefore ids of sections whose treatment was fixed before the plan was chosen
     * @param Mark<PlanChosen>|null $planChosen the latest
     * @param Mark<VisitSplit>|null $split the latest: places left for a later visit
     * @param Mark<EvenWanted>|null $evenWanted the latest
     * @param array<string, list<Mark<BladeTried>>> $bladeTries by section id, in order
     * @param array<string, int> $oldTries how many of them were made before the comb was drawn there last
     * @param list<Mark<NoteWritten>> $notes
     * @param Mark<NextVisitChosen>|null $nextVisit the latest
     * @param Mark<HandedOver>|Mark<Stopped>|null $closing
     * @param array<string, TwoAnswers> $twoAnswers by section id, where one touch has to decide
     * @param Mark<FeetPlanned>|null $feetPlanned the latest
     * @param float $inspectionSeconds of the comb round the dog
     * @param \DateTimeImmutable|null $leftAt when the dog last left, where it came back on the same visit
     * @param \DateTimeImmutable|null $lastAt the latest time of a hand
     * @param string|null $handsOf whose hands were on the dog last, or who was said to take it
     */
    public function __construct(
        public Mark $arrival,
        public ArrivalAnswers $answers,
        public array $checks,
        public array $felt,
        public array $judged,
        public array $findings,
        public array $closedFindings,
        private array $minded,
        public array $photos,
        public array $deletedPhotos,
        public array $fixedMarks,
        private array $fixedBefore,
        public ?Mark $planChosen,
        public ?Mark $split,
        public ?Mark $evenWanted,
        public array $bladeTries,
        private array $oldTries,
        public array $notes,
        public Agreement $agreement,
        public ?Mark $nextVisit,
        public ?Mark $closing,
        public TableRun $run,
        public BathRun $bath,
        public OnItsFeet $feet,
        public ?\DateTimeImmutable $leftAt,
        public ?\DateTimeImmutable $lastAt,
        public ?string $handsOf,
        public Arranged $arranged,
        public array $twoAnswers = [],
        public ?Mark $feetPlanned = null,
        public float $inspectionSeconds = 0.0,
    ) {}

    public function dog(): Dog
    {
        return $this->answers->of($this->arrival->what->dog);
    }

    public function service(): Service
    {
        return $this->answers->service ?? Service::FullGroom;
    }

    public function finishStyle(): FinishStyle
    {
        return $this->answers->finishStyle ?? FinishStyle::usual($this->dog()->coat);
    }

    /** Back trouble, bloat risk, late pregnancy, or heart or airway trouble: such a dog is never laid on its back. */
    public function neverOnTheBack(): bool
    {
        return $this->answers->neverOnTheBack === true
            || in_array(HealthFact::HeartOrAirway, $this->dog()->health, true)
            || in_array(HealthFact::PregnantOrNursing, $this->dog()->health, true);
    }

    /** @return list<Unasked> nobody has answered it, and it is not assumed */
    public function toAsk(): array
    {
        return array_values(array_filter(
            $this->arrival->what->asks,
            fn(Unasked $one): bool => ! $one->isAnsweredBy($this->answers),
        ));
    }

    public function slotMinutes(): int
    {
        return $this->answers->slotMinutes ?? $this->arrival->what->slotMinutes;
    }

    /** Until the client said otherwise, each clip is asked first. */
    public function consent(): ClipConsent
    {
        return $this->answers->consent ?? ClipConsent::Ask;
    }

    /** @return list<Section> left for a later visit, as it is planned now and nothing was done there: no bath before the last */
    public function later(): array
    {
        $choices = $this->choices();

        return array_values(array_filter(
            $this->split->what->later ?? [],
            fn(Section $section): bool => $choices->for($section)?->kind === TreatmentKind::Leave && ! $this->run->at($section)->isDone(),
        ));
    }

    /** What is done where: the chosen plan, and over it what the groomer fixed section by section. */
    public function choices(): Choices
    {
        return Choices::of([...($this->planChosen?->what->choices->bySection ?? []), ...$this->fixed()]);
    }

    /** @return array<string, Treatment> by section id */
    public function fixed(): array
    {
        return array_map(fn(Mark $chosen): Treatment => $chosen->what->treatment, $this->fixedMarks);
    }

    public function wishes(): Wishes
    {
        return new Wishes($this->fixed(), $this->evenWanted->what->groups ?? []);
    }

    /**
     * What is chosen where; a fixed treatment that is ruled out by now gives way to a plan that was chosen after it.
     *
     * @param BySection<SectionOptions> $options
     */
    public function choicesAmong(BySection $options): Choices
    {
        $choices = $this->choices()->bySection;
        foreach ($this->fixedBefore as $id) {
            $planned = $this->planChosen?->what->choices->bySection[$id] ?? null;
            $fixed = $this->fixedMarks[$id] ?? null;
            if ($planned !== null && $fixed !== null && $options->at(Section::from($id))?->find($fixed->what->treatment) === null) {
                $choices[$id] = $planned;
            }
        }

        return Choices::of($choices);
    }

    /** What is planned at a section: chosen, or the only way there is. */
    public function plannedAt(Section $section, GradedSection $graded, HouseRules $rules): ?Treatment
    {
        $id = $section->value;
        $planned = $this->planChosen?->what->choices->bySection[$id] ?? null;
        $fixed = ($this->fixedMarks[$id] ?? null)?->what->treatment;
        if ($fixed === null && $planned !== null) {
            return $planned;
        }
        $case = new CoatCase($this->dog(), $rules->kit, $this->slotMinutes(), $this->consent(), []);
        $table = new TreatmentTable($case, $rules, Tolerance::of($case->dog, $rules->tolerance));
        if ($fixed === null) {
            return $table->assumed($graded);
        }
        $options = $table->for($graded);

        return $this->choicesAmong(BySection::of($options === null ? [] : [$id => $options]))->for($section);
    }

    /** Blades tried at a section since it was combed last. */
    public function bladeTest(Section $section, HouseRules $rules): BladeTest
    {
        $tries = array_slice($this->bladeTries[$section->value] ?? [], $this->oldTries[$section->value] ?? 0);

        return new BladeTest(array_map(fn(Mark $tried): BladeTry => $tried->what->try, $tries), $rules->kit, $rules->plan->shortestClipMm);
    }

    /**
     * @param bool $agreed the client's yes covers what is planned
     * @param bool $cleared the bath gate was opened and still is
     */
    public function stage(bool $agreed, bool $cleared): Stage
    {
        return match (true) {
            $this->closing?->what instanceof Stopped => Stage::Stopped,
            $this->closing?->what instanceof HandedOver => Stage::Collected,
            $this->bath->signedOff !== null => Stage::Finished,
            $this->bath->isBathed() && $this->bath->isDry() => Stage::Dried,
            $this->bath->isBathed() => Stage::Bathed,
            $cleared || $this->bath->isWet() => Stage::Cleared,
            $this->run->hasBegun() => Stage::Brushing,
            $agreed => Stage::Agreed,
            $this->agreement->latest !== null => Stage::Planned,
            $this->checks !== [] => Stage::Inspecting,
            default => Stage::Arrived,
        };
    }

    /**
     * Whether a growth, a hot spot or pain at a section was noted since somebody last minded what is there.
     *
     * @param array<string, OpenFinding> $carried findings of earlier visits open there, by id
     */
    public function wantsMindingAt(Section $section, array $carried): bool
    {
        $here = array_filter($this->findings, fn(Mark $finding): bool => $finding->section === $section);
        $open = array_diff_key(
            [...$carried, ...array_map(fn(Mark $noted): OpenFinding => new OpenFinding($noted->what->kind, $noted->what->isSpot), $here)],
            $this->closedFindings,
            array_flip($this->minded[$section->value] ?? []),
        );

        return array_filter($open, fn(OpenFinding $finding): bool => $finding->kind->isMinded()) !== [];
    }

    /** @return array<string, \DateTimeImmutable> when something was last found in a whole place on this visit, by section id */
    public function lastFoundAt(): array
    {
        $last = [];
        foreach ($this->findings as $finding) {
            if ($finding->section !== null && ! $finding->what->isSpot) {
                $last[$finding->section->value] = max($finding->at, $last[$finding->section->value] ?? $finding->at);
            }
        }

        return $last;
    }

    /** A hot spot was found under hair that had been combed or cut already. */
    public function foundHotSpotAfterWork(Section $section): bool
    {
        $proof = $this->run->at($section)->proof;
        foreach ($this->findings as $id => $finding) {
            $isHotSpot = $finding->what->kind === FindingKind::HotSpot && ! $finding->what->isSpot && ! isset($this->closedFindings[$id]);
            if ($isHotSpot && $finding->section === $section && $proof !== null && $finding->at > $proof->at) {
                return true;
            }
        }

        return false;
    }

    /** @return list<OpenFinding> noted on this visit */
    public function openFindingsAt(Section $section): array
    {
        $kinds = [];
        foreach ($this->findings as $id => $finding) {
            if ($finding->section === $section && ! isset($this->closedFindings[$id])) {
                $kinds[] = new OpenFinding($finding->what->kind, $finding->what->isSpot, $finding->what->sizeMm);
            }
        }

        return $kinds;
    }
}
