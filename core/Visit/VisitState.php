<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\CombCheck;
use HoundCheck\Core\CombCheck\FindingKind;
use HoundCheck\Core\Dog\Dog;
use HoundCheck\Core\Dog\HealthFact;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\Marks\Recorded;
use HoundCheck\Core\Plan\BladeTest;
use HoundCheck\Core\Plan\BladeTry;
use HoundCheck\Core\Plan\Choices;
use HoundCheck\Core\Plan\ClipConsent;
use HoundCheck\Core\Plan\CoatCase;
use HoundCheck\Core\Plan\Frontier\Wishes;
use HoundCheck\Core\Plan\SectionReading;
use HoundCheck\Core\Plan\Treatment;
use HoundCheck\Core\Table\BathRun;
use HoundCheck\Core\Table\SectionRun;
use HoundCheck\Core\Table\TableRun;
use HoundCheck\Core\Visit\Marks\AnswerGiven;
use HoundCheck\Core\Visit\Marks\Arrived;
use HoundCheck\Core\Visit\Marks\BladeTried;
use HoundCheck\Core\Visit\Marks\CombChecked;
use HoundCheck\Core\Visit\Marks\EvenWanted;
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

/** A visit as it stands: the fold of its marks. The same marks in the same order always give the same state. */
final readonly class VisitState
{
    /**
     * @param Recorded<Arrived> $arrival
     * @param array<string, Recorded<CombChecked>> $checks the latest by section id
     * @param array<string, Recorded<GradeJudged>> $judged the groomer's own grade, the latest by section id
     * @param array<string, Recorded<FindingNoted>> $findings by mark id
     * @param array<string, string> $closedFindings id of the closing mark by finding id, earlier visits' findings included
     * @param array<string, Recorded<PhotoTaken>> $photos by mark id, those whose picture was erased included
     * @param array<string, Recorded<PhotoDeleted>> $deletedPhotos by the photo's id
     * @param array<string, Recorded<TreatmentChosen>> $chosen the latest by section id
     * @param Recorded<PlanChosen>|null $planChosen the latest
     * @param Recorded<EvenWanted>|null $evenWanted the latest
     * @param array<string, list<Recorded<BladeTried>>> $bladeTries by section id, in order
     * @param list<Recorded<NoteWritten>> $notes
     * @param Recorded<PlanShown>|null $planShown the latest
     * @param Recorded<AnswerGiven>|null $answer the client's answer to that plan
     * @param Choices|null $agreed what the client last said yes to
     * @param Recorded<HandedOver>|Recorded<Stopped>|null $closing
     * @param \DateTimeImmutable|null $leftAt when the dog last left, where it came back on the same visit
     */
    public function __construct(
        public Recorded $arrival,
        public ArrivalAnswers $answers,
        public array $checks,
        public array $judged,
        public array $findings,
        public array $closedFindings,
        public array $photos,
        public array $deletedPhotos,
        public array $chosen,
        public ?Recorded $planChosen,
        public ?Recorded $evenWanted,
        public array $bladeTries,
        public array $notes,
        public ?Recorded $planShown,
        public ?Recorded $answer,
        public ?Choices $agreed,
        public ?Recorded $closing,
        public TableRun $run,
        public BathRun $bath,
        public ?\DateTimeImmutable $leftAt,
    ) {}

    public function dog(): Dog
    {
        $dog = $this->arrival->what->dog;

        return new Dog(
            $this->answers->weightKg ?? $dog->weightKg,
            $dog->coat,
            $dog->primitive,
            $this->answers->coatMm ?? $dog->coatMm,
            $dog->sectionMm,
            $dog->ageMonths,
            $this->answers->temperament ?? $dog->temperament,
            $this->answers->health ?? $dog->health,
        );
    }

    /** Back trouble, bloat risk, late pregnancy, or heart or airway trouble: such a dog is never laid on its back. */
    public function neverOnTheBack(): bool
    {
        return $this->answers->neverOnTheBack === true || in_array(HealthFact::HeartOrAirway, $this->dog()->health, true);
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

    /** What is done where: the chosen plan, and over it what the groomer fixed section by section. */
    public function choices(): Choices
    {
        return Choices::of([...($this->planChosen?->what->choices->bySection ?? []), ...$this->fixed()]);
    }

    /** @return array<string, Treatment> by section id */
    public function fixed(): array
    {
        return array_map(fn(Recorded $chosen): Treatment => $chosen->what->treatment, $this->chosen);
    }

    public function wishes(): Wishes
    {
        return new Wishes($this->fixed(), $this->evenWanted->what->groups ?? []);
    }

    /** Blades tried at a section since it was combed last. */
    public function bladeTest(Section $section, HouseRules $rules): BladeTest
    {
        $combed = ($this->checks[$section->value] ?? null)?->at;
        $tries = array_filter($this->bladeTries[$section->value] ?? [], fn(Recorded $tried): bool => $combed === null || $tried->at >= $combed);

        return new BladeTest(array_values(array_map(fn(Recorded $tried): BladeTry => $tried->what->try, $tries)), $rules->kit, $rules->plan->shortestClipMm);
    }

    /**
     * What a plan is made from, as the inspection left it.
     *
     * @param array<string, list<FindingKind>> $carried findings still open from earlier visits, by section id
     */
    public function toCase(HouseRules $rules, array $carried = []): CoatCase
    {
        return $this->case($rules, $carried, fn(Section $section): ?CombCheck => null);
    }

    /**
     * The same with what the comb found at the table: where it stopped, the place is graded anew.
     *
     * @param array<string, list<FindingKind>> $carried
     */
    public function toCaseAtTheTable(HouseRules $rules, array $carried = [], bool $demattingOver = false): CoatCase
    {
        $found = $this->case($rules, $carried, function (Section $section): ?CombCheck {
            $combed = $this->run->at($section)->comb?->what->check;

            return $combed !== null && SectionRun::sendsBack($combed) ? $combed : null;
        });
        $minutesLeft = max(0, (int) ceil($found->slotMinutes - $this->run->seconds / 60));

        return new CoatCase($found->dog, $found->kit, $minutesLeft, $found->consent, $found->sections, $demattingOver);
    }

    /**
     * @param array<string, list<FindingKind>> $carried
     * @param \Closure(Section): ?CombCheck $anew a later check that counts instead
     */
    private function case(HouseRules $rules, array $carried, \Closure $anew): CoatCase
    {
        $readings = [];
        foreach (Section::cases() as $section) {
            $findings = [...($carried[$section->value] ?? []), ...$this->openFindingsAt($section)];
            $check = $this->checks[$section->value] ?? null;
            if ($check !== null || $findings !== []) {
                $blades = $this->bladeTest($section, $rules);
                $lift = $blades->liftMm();
                $found = $anew($section) ?? $check->what->check ?? new CombCheck;
                $readings[$section->value] = new SectionReading($lift === null ? $found : $found->with(['liftMm' => $lift]), $findings, ($this->judged[$section->value] ?? null)?->what->own, $blades->needsAVet());
            }
        }

        return new CoatCase($this->dog(), $rules->kit, $this->slotMinutes(), $this->consent(), $readings);
    }

    /**
     * A yes holds for exactly what was shown; once the work has begun also for what takes less than was agreed.
     *
     * @param Choices $planned the choices in force now
     */
    public function isAgreed(Choices $planned, HouseRules $rules): bool
    {
        return $this->run->hasBegun()
            ? $this->agreed !== null && $this->beyondAgreement($planned, $rules) === []
            : $this->answer?->what->answer === ClientAnswer::Yes && $this->planShown?->what->choices->equals($planned) === true;
    }

    /**
     * @param Choices $planned the choices in force now
     *
     * @return list<Section> not done yet that would be clipped beyond what the client agreed to and allowed on arrival
     */
    public function beyondAgreement(Choices $planned, HouseRules $rules): array
    {
        $clips = array_filter($planned->bySection, fn(Treatment $treatment): bool => $treatment->clipMm !== null);

        return array_values(array_filter(
            array_map(fn(string $id): Section => Section::from($id), array_keys($clips)),
            fn(Section $section): bool => ! $this->run->at($section)->isDone() && ! $this->mayClip($section, (float) $clips[$section->value]->clipMm, $rules),
        ));
    }

    /** Within what the client allowed on arrival, or not shorter than what the client said yes to. */
    public function mayClip(Section $section, float $mm, HouseRules $rules): bool
    {
        $agreed = $this->agreed?->for($section)?->clipMm;

        return $this->consent()->allowsWithoutAsking($section, $rules->plan) || ($agreed !== null && $agreed <= $mm);
    }

    /**
     * @param Choices $planned the choices in force now
     * @param bool $cleared the bath gate was opened and still is
     */
    public function stage(Choices $planned, HouseRules $rules, bool $cleared): Stage
    {
        return match (true) {
            $this->closing?->what instanceof Stopped => Stage::Stopped,
            $this->closing?->what instanceof HandedOver => Stage::Collected,
            $this->bath->signedOff !== null => Stage::Finished,
            $this->bath->isBathed() && $this->bath->isDry() => Stage::Dried,
            $this->bath->isBathed() => Stage::Bathed,
            $cleared => Stage::Cleared,
            $this->run->hasBegun() => Stage::Brushing,
            $this->isAgreed($planned, $rules) => Stage::Agreed,
            $this->planShown !== null => Stage::Planned,
            $this->checks !== [] => Stage::Inspecting,
            default => Stage::Arrived,
        };
    }

    /** @return list<FindingKind> noted on this visit and open */
    public function openFindingsAt(Section $section): array
    {
        $kinds = [];
        foreach ($this->findings as $id => $finding) {
            if ($finding->section === $section && ! isset($this->closedFindings[$id])) {
                $kinds[] = $finding->what->kind;
            }
        }

        return $kinds;
    }
}
