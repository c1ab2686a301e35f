<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\CombCheck;
use HoundCheck\Core\CombCheck\FindingKind;
use HoundCheck\Core\Dog\Dog;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\Plan\Choices;
use HoundCheck\Core\Plan\ClipConsent;
use HoundCheck\Core\Plan\CoatCase;
use HoundCheck\Core\Plan\SectionReading;
use HoundCheck\Core\Visit\Marks\AnswerGiven;
use HoundCheck\Core\Visit\Marks\Arrived;
use HoundCheck\Core\Visit\Marks\CombChecked;
use HoundCheck\Core\Visit\Marks\FindingNoted;
use HoundCheck\Core\Visit\Marks\GradeJudged;
use HoundCheck\Core\Visit\Marks\HandedOver;
use HoundCheck\Core\Visit\Marks\NoteWritten;
use HoundCheck\Core\Visit\Marks\PhotoDeleted;
use HoundCheck\Core\Visit\Marks\PhotoTaken;
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
     * @param list<Recorded<NoteWritten>> $notes
     * @param Recorded<PlanShown>|null $planShown the latest
     * @param Recorded<AnswerGiven>|null $answer the client's answer to that plan
     * @param Recorded<HandedOver>|Recorded<Stopped>|null $closing
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
        public array $notes,
        public ?Recorded $planShown,
        public ?Recorded $answer,
        public ?Recorded $closing,
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

    public function slotMinutes(): int
    {
        return $this->answers->slotMinutes ?? $this->arrival->what->slotMinutes;
    }

    /** Until the client said otherwise, each clip is asked first. */
    public function consent(): ClipConsent
    {
        return $this->answers->consent ?? ClipConsent::Ask;
    }

    public function choices(): Choices
    {
        return Choices::of(array_map(fn(Recorded $chosen) => $chosen->what->treatment, $this->chosen));
    }

    /**
     * What a plan is made from, as it stands now.
     *
     * @param array<string, list<FindingKind>> $carried findings still open from earlier visits, by section id
     */
    public function toCase(HouseRules $rules, array $carried = []): CoatCase
    {
        $readings = [];
        foreach (Section::cases() as $section) {
            $findings = [...($carried[$section->value] ?? []), ...$this->openFindingsAt($section)];
            $check = $this->checks[$section->value] ?? null;
            if ($check !== null || $findings !== []) {
                $readings[$section->value] = new SectionReading($check->what->check ?? new CombCheck, $findings, ($this->judged[$section->value] ?? null)?->what->own);
            }
        }

        return new CoatCase($this->dog(), $rules->kit, $this->slotMinutes(), $this->consent(), $readings);
    }

    /** @param Choices $planned the choices in force now; a yes holds for exactly what was shown */
    public function isAgreed(Choices $planned): bool
    {
        return $this->answer?->what->answer === ClientAnswer::Yes && $this->planShown?->what->choices->equals($planned) === true;
    }

    /** @param Choices $planned the choices in force now */
    public function stage(Choices $planned): Stage
    {
        return match (true) {
            $this->closing?->what instanceof Stopped => Stage::Stopped,
            $this->closing?->what instanceof HandedOver => Stage::Collected,
            $this->isAgreed($planned) => Stage::Agreed,
            $this->planShown !== null => Stage::Planned,
            $this->checks !== [] => Stage::Inspecting,
            default => Stage::Arrived,
        };
    }

    /** @return list<FindingKind> */
    private function openFindingsAt(Section $section): array
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
