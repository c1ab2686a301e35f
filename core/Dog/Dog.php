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
    ) {}

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
        return $this->ageMonths >= 6 && $this->ageMonths <= 14;
    }
}
