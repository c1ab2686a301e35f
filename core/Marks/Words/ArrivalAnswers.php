<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Words;

use HoundCheck\Core\Coat\LengthPart;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Dog\CoatState;
use HoundCheck\Core\Dog\Dog;
use HoundCheck\Core\Dog\Gear;
use HoundCheck\Core\Dog\HealthFact;
use HoundCheck\Core\Dog\Heat;
use HoundCheck\Core\Dog\HomeBrushing;
use HoundCheck\Core\Dog\HomeTool;
use HoundCheck\Core\Dog\Temperament;
use HoundCheck\Core\House\Extra;
use HoundCheck\Core\House\FinishStyle;
use HoundCheck\Core\House\Service;
use HoundCheck\Core\Marks\Fields\Lengths;
use HoundCheck\Core\Marks\Fields\Number;
use HoundCheck\Core\Marks\Fields\Several;
use HoundCheck\Core\Marks\Fields\Text;
use HoundCheck\Core\Marks\Fields\Whole;
use HoundCheck\Core\Memory\LifeAtHome;
use HoundCheck\Core\Plan\ClipConsent;

/** What the client said and the scale showed on arrival. Null means: not asked yet. */
final readonly class ArrivalAnswers
{
    /**
     * @param float|null $weightKg weighed today
     * @param float|null $coatMm length of the coat today, where it differs from the dog's card
     * @param list<HealthFact>|null $health health facts known today
     * @param float|null $wantedMm the length the client wants
     * @param list<Section>|null $prized places the client cares about most
     * @param int|null $feeLimitCents the most the client wants to pay
     * @param list<Extra>|null $extras wanted on top of the groom
     * @param list<Gear>|null $gear worn day by day
     * @param bool|null $gearOff collar, harness and coat were taken off
     * @param float|null $standsMinutes on its feet before a rest, for its card
     * @param bool|null $liesDown it lies for the work, for its card
     * @param int|null $weeksSinceHeat since the last heat began
     * @param bool|null $neverOnTheBack back trouble, bloat risk, late pregnancy
     * @param array<string, float>|null $sectionMm lengths today that differ from the rest of the coat, in mm, by section id
     * @param bool|null $homeComb there is a comb at home
     * @param bool|null $combTestShown the owner showed the comb test
     * @param bool|null $airDries bathed at home and left to dry by itself
     * @param list<Section>|null $chews where the dog chews or licks
     */
    public function __construct(
        #[Number(0.3, 120)]
        public ?float $weightKg = null,
        #[Number(1, 500)]
        public ?float $coatMm = null,
        public ?Temperament $temperament = null,
        #[Several(HealthFact::class)]
        public ?array $health = null,
        #[Text(500)]
        public ?string $newHealth = null,
        #[Text(1000)]
        public ?string $wishes = null,
        #[Number(0.5, 500)]
        public ?float $wantedMm = null,
        public ?ClipConsent $consent = null,
        #[Whole(0, 10_000_000)]
        public ?int $feeLimitCents = null,
        #[Several(Extra::class)]
        public ?array $extras = null,
        #[Text(40)]
        public ?string $phone = null,
        #[Whole(0, 2000)]
        public ?int $daysSinceCombOut = null,
        #[Whole(0, 2000)]
        public ?int $daysSinceBath = null,
        public ?bool $washedOverKnots = null,
        #[Several(Gear::class)]
        public ?array $gear = null,
        public ?HomeBrushing $homeBrushing = null,
        #[Text(120)]
        public ?string $homeBrush = null,
        #[Text(60)]
        public ?string $lastHeat = null,
        public ?bool $firstGroom = null,
        public ?bool $moult = null,
        public ?bool $gearOff = null,
        public ?bool $neverOnTheBack = null,
        #[Whole(10, 600)]
        public ?int $slotMinutes = null,
        #[Several(Section::class)]
        public ?array $prized = null,
        #[Number(0.5, 500)]
        public ?float $wantedBodyMm = null,
        #[Number(0.5, 500)]
        public ?float $wantedLegsMm = null,
        #[Number(0.5, 500)]
        public ?float $wantedFeetMm = null,
        #[Number(0.5, 500)]
        public ?float $wantedHeadMm = null,
        #[Number(0.5, 500)]
        public ?float $wantedEarsMm = null,
        #[Number(0.5, 500)]
        public ?float $wantedTailMm = null,
        #[Number(5, 240)]
        public ?float $standsMinutes = null,
        public ?bool $liesDown = null,
        #[Whole(0, 104)]
        public ?int $weeksSinceHeat = null,
        public ?CoatState $coatState = null,
        public ?Service $service = null,
        public ?FinishStyle $finishStyle = null,
        #[Lengths]
        public ?array $sectionMm = null,
        public ?HomeTool $homeTool = null,
        public ?bool $homeComb = null,
        public ?bool $combTestShown = null,
        public ?bool $airDries = null,
        #[Several(Section::class)]
        public ?array $chews = null,
    ) {}

    /** @return array<string, float> lengths wanted for a part of the dog, in mm, by part */
    public function wantedByPart(): array
    {
        return array_filter([
            LengthPart::Body->value => $this->wantedBodyMm,
            LengthPart::Legs->value => $this->wantedLegsMm,
            LengthPart::Feet->value => $this->wantedFeetMm,
            LengthPart::Head->value => $this->wantedHeadMm,
            LengthPart::Ears->value => $this->wantedEarsMm,
            LengthPart::Tail->value => $this->wantedTailMm,
        ], fn(?float $mm): bool => $mm !== null);
    }

    /** The days before this visit, as the owner tells them. What was not asked counts as not so. */
    public function lifeAtHome(Dog $dog): LifeAtHome
    {
        return LifeAtHome::told(
            $dog->coat,
            $dog->coatMm,
            $this->homeBrushing,
            $this->homeTool,
            $this->homeComb,
            $this->combTestShown === true,
            $this->gear ?? [],
            $this->airDries === true,
            $this->chews ?? [],
            $dog->ageMonths,
        );
    }

    /** A dog as its card has it, with what was answered today. */
    public function of(Dog $dog): Dog
    {
        return new Dog(
            $this->weightKg ?? $dog->weightKg,
            $dog->coat,
            $dog->primitive,
            $this->coatMm ?? $dog->coatMm,
            $this->sectionMm ?? $dog->sectionMm,
            $dog->ageMonths,
            $this->temperament ?? $dog->temperament,
            $this->health ?? $dog->health,
            $this->moult ?? $dog->moult,
            $this->standsMinutes ?? $dog->standsMinutes,
            $this->firstGroom ?? $dog->firstGroom,
            $dog->wary,
            $this->liesDown ?? $dog->liesDown,
            (new Heat($this->weeksSinceHeat))->isNow(),
        );
    }
}
