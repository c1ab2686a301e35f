<?php

declare(strict_types=1);

namespace HoundCheck\Core\Dog;

use HoundCheck\Core\Coat\BodySurface;
use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Coat\Section;

/** A dog as the rules see it on the day of a visit. */
final readonly class Dog
{
    /**
     * @param float $weightKg over 0
     * @param bool $primitive a double coat of the spitz type: wide comb only, picked outwards
     * @param float $coatMm length of the coat, over 0
     * @param array<string, float> $sectionMm lengths that differ, in mm, by section id
     * @param int $ageMonths 0 or more
     * @param list<HealthFact> $health
     * @param bool $moult loose undercoat comes away today
     * @param float|null $standsMinutes on its feet before a rest, where a groomer set it on the card
     * @param bool $firstGroom it was never groomed before
     * @param bool $wary its last visit ended with mouthing or a snap, and no calm one has been since
     * @param bool $liesDown it lies for the work, as its card says
     * @param bool $inSeason the groin is sore
     */
    public function __construct(
        public float $weightKg,
        public CoatType $coat,
        public bool $primitive,
        public float $coatMm,
        public array $sectionMm,
        public int $ageMonths,
        public Temperament $temperament,
        public array $health,
        public bool $moult = false,
        public ?float $standsMinutes = null,
        public bool $firstGroom = false,
        public bool $wary = false,
        public bool $liesDown = false,
        public bool $inSeason = false,
    ) {}

    /**
     * @param float $coatMm over 0
     * @param array<string, float> $sectionMm lengths that differ, in mm, by section id
     */
    public function withLengths(float $coatMm, array $sectionMm): self
    {
        return new self(...[...get_object_vars($this), 'coatMm' => $coatMm, 'sectionMm' => $sectionMm]);
    }

    /** Coat length at a section, in mm. */
    public function lengthMm(Section $section): float
    {
        return $this->sectionMm[$section->value] ?? $this->coatMm;
    }

    public function surface(): BodySurface
    {
        return BodySurface::ofWeightKg($this->weightKg);
    }

    public function ageGroup(): AgeGroup
    {
        return AgeGroup::of($this->ageMonths, $this->weightKg);
    }

    /** Coat change: the adult coat grows into the puppy's, and it mats everywhere. */
    public function isInCoatChange(): bool
    {
        return $this->coat->changesAt($this->ageMonths);
    }

    /** Undercoat that comes away loose, and can lie packed without a knot in it. */
    public function hasUndercoat(): bool
    {
        return in_array($this->coat, [CoatType::Double, CoatType::Mixed, CoatType::Smooth], true);
    }

    /** No loop at the neck, and the chin is never held up or closed. */
    public function breathesHard(): bool
    {
        return in_array(HealthFact::ShortNosed, $this->health, true) || in_array(HealthFact::HeartOrAirway, $this->health, true);
    }

    /** Only a coat with undercoat moults so that it takes longer. */
    public function moults(): bool
    {
        return $this->moult && $this->hasUndercoat();
    }
}
