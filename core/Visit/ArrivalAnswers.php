<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

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
use HoundCheck\Core\Marks\PayloadReader;
use HoundCheck\Core\Marks\UnreadableMark;
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
        public ?float $weightKg = null,
        public ?float $coatMm = null,
        public ?Temperament $temperament = null,
        public ?array $health = null,
        public ?string $newHealth = null,
        public ?string $wishes = null,
        public ?float $wantedMm = null,
        public ?ClipConsent $consent = null,
        public ?int $feeLimitCents = null,
        public ?array $extras = null,
        public ?string $phone = null,
        public ?int $daysSinceCombOut = null,
        public ?int $daysSinceBath = null,
        public ?bool $washedOverKnots = null,
        public ?array $gear = null,
        public ?HomeBrushing $homeBrushing = null,
        public ?string $homeBrush = null,
        public ?string $lastHeat = null,
        public ?bool $firstGroom = null,
        public ?bool $moult = null,
        public ?bool $gearOff = null,
        public ?bool $neverOnTheBack = null,
        public ?int $slotMinutes = null,
        public ?array $prized = null,
        public ?float $wantedBodyMm = null,
        public ?float $wantedLegsMm = null,
        public ?float $wantedFeetMm = null,
        public ?float $wantedHeadMm = null,
        public ?float $wantedEarsMm = null,
        public ?float $wantedTailMm = null,
        public ?float $standsMinutes = null,
        public ?bool $liesDown = null,
        public ?int $weeksSinceHeat = null,
        public ?CoatState $coatState = null,
        public ?Service $service = null,
        public ?FinishStyle $finishStyle = null,
        public ?array $sectionMm = null,
        public ?HomeTool $homeTool = null,
        public ?bool $homeComb = null,
        public ?bool $combTestShown = null,
        public ?bool $airDries = null,
        public ?array $chews = null,
    ) {}

    /**
     * The fields that were sent, read and checked.
     *
     * @return array<string, mixed> for `with()`
     *
     * @throws UnreadableMark
     */
    public static function readChanges(PayloadReader $reader): array
    {
        $readers = [
            'weightKg' => fn(string $field): ?float => $reader->optionalNumber($field, 0.3, 120),
            'coatMm' => fn(string $field): ?float => $reader->optionalNumber($field, 1, 500),
            'temperament' => fn(string $field): ?Temperament => $reader->optionalOne($field, Temperament::class),
            'health' => fn(string $field): ?array => $reader->optionalSeveral($field, HealthFact::class),
            'newHealth' => fn(string $field): ?string => $reader->optionalText($field, 500),
            'wishes' => fn(string $field): ?string => $reader->optionalText($field, 1000),
            'wantedMm' => fn(string $field): ?float => $reader->optionalNumber($field, 0.5, 500),
            'consent' => fn(string $field): ?ClipConsent => $reader->optionalOne($field, ClipConsent::class),
            'feeLimitCents' => fn(string $field): ?int => $reader->optionalWhole($field, 0, 10_000_000),
            'extras' => fn(string $field): ?array => $reader->optionalSeveral($field, Extra::class),
            'phone' => fn(string $field): ?string => $reader->optionalText($field, 40),
            'daysSinceCombOut' => fn(string $field): ?int => $reader->optionalWhole($field, 0, 2000),
            'daysSinceBath' => fn(string $field): ?int => $reader->optionalWhole($field, 0, 2000),
            'washedOverKnots' => fn(string $field): ?bool => $reader->optionalBool($field),
            'gear' => fn(string $field): ?array => $reader->optionalSeveral($field, Gear::class),
            'homeBrushing' => fn(string $field): ?HomeBrushing => $reader->optionalOne($field, HomeBrushing::class),
            'sectionMm' => fn(string $field): ?array => $reader->optionalLengths($field),
            'homeTool' => fn(string $field): ?HomeTool => $reader->optionalOne($field, HomeTool::class),
            'homeComb' => fn(string $field): ?bool => $reader->optionalBool($field),
            'combTestShown' => fn(string $field): ?bool => $reader->optionalBool($field),
            'airDries' => fn(string $field): ?bool => $reader->optionalBool($field),
            'chews' => fn(string $field): ?array => $reader->optionalSeveral($field, Section::class),
            'homeBrush' => fn(string $field): ?string => $reader->optionalText($field, 120),
            'lastHeat' => fn(string $field): ?string => $reader->optionalText($field, 60),
            'firstGroom' => fn(string $field): ?bool => $reader->optionalBool($field),
            'moult' => fn(string $field): ?bool => $reader->optionalBool($field),
            'gearOff' => fn(string $field): ?bool => $reader->optionalBool($field),
            'neverOnTheBack' => fn(string $field): ?bool => $reader->optionalBool($field),
            'slotMinutes' => fn(string $field): ?int => $reader->optionalWhole($field, 10, 600),
            'standsMinutes' => fn(string $field): ?float => $reader->optionalNumber($field, 5, 240),
            'liesDown' => fn(string $field): ?bool => $reader->optionalBool($field),
            'weeksSinceHeat' => fn(string $field): ?int => $reader->optionalWhole($field, 0, 104),
            'service' => fn(string $field): ?Service => $reader->optionalOne($field, Service::class),
            'finishStyle' => fn(string $field): ?FinishStyle => $reader->optionalOne($field, FinishStyle::class),
            'coatState' => fn(string $field): ?CoatState => $reader->optionalOne($field, CoatState::class),
            'wantedBodyMm' => fn(string $field): ?float => $reader->optionalNumber($field, 0.5, 500),
            'wantedLegsMm' => fn(string $field): ?float => $reader->optionalNumber($field, 0.5, 500),
            'wantedFeetMm' => fn(string $field): ?float => $reader->optionalNumber($field, 0.5, 500),
            'wantedHeadMm' => fn(string $field): ?float => $reader->optionalNumber($field, 0.5, 500),
            'wantedEarsMm' => fn(string $field): ?float => $reader->optionalNumber($field, 0.5, 500),
            'wantedTailMm' => fn(string $field): ?float => $reader->optionalNumber($field, 0.5, 500),
            'prized' => fn(string $field): ?array => $reader->optionalSeveral($field, Section::class),
        ];
        $changes = [];
        foreach ($readers as $field => $read) {
            if ($reader->sent($field)) {
                $changes[$field] = $read($field);
            }
        }
        $reader->finish();

        return $changes;
    }

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

    /** @param array<string, mixed> $changes */
    public function with(array $changes): self
    {
        return new self(...array_merge(get_object_vars($this), $changes));
    }
}
