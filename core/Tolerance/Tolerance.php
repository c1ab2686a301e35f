<?php

declare(strict_types=1);

namespace HoundCheck\Core\Tolerance;

use HoundCheck\Core\Dog\AgeGroup;
use HoundCheck\Core\Dog\Dog;
use HoundCheck\Core\House\ToleranceRules;

/**
 * The tension minutes that one visit may ask of this dog, and the factors it comes from.
 *
 * A trade's rule of thumb, never a clinical limit.
 */
final readonly class Tolerance
{
    /**
     * @param array<string, float> $healthFactors by health fact
     * @param float $sectionCapMinutes what one section may ask of it at most
     * @param float $trustFactor of a first groom and of a wary dog
     * @param bool $isFrail nothing is opened or thinned from grade 3 on
     */
    private function __construct(
        public float $minutes,
        public AgeGroup $ageGroup,
        public float $ageFactor,
        public float $temperamentFactor,
        public array $healthFactors,
        public float $trustFactor,
        public float $sectionCapMinutes,
        public bool $isFrail,
    ) {}

    /** The same dog with other minutes: what is left after a part of the work. */
    public function with(float $minutes): self
    {
        return new self(
            $minutes,
            $this->ageGroup,
            $this->ageFactor,
            $this->temperamentFactor,
            $this->healthFactors,
            $this->trustFactor,
            $this->sectionCapMinutes,
            $this->isFrail,
        );
    }

    public static function of(Dog $dog, ToleranceRules $rules): self
    {
        $ageGroup = $dog->ageGroup();
        $age = $rules->byAge[$ageGroup->value];
        $temperament = $rules->byTemperament[$dog->temperament->value];
        $health = [];
        foreach ($dog->health as $fact) {
            // What asks for a handling of its own only, takes nothing from what the dog bears.
            $health[$fact->value] = $rules->byHealth[$fact->value] ?? 1.0;
        }
        $trust = ($dog->firstGroom ? $rules->firstGroomFactor : 1.0) * ($dog->wary ? $rules->waryFactor : 1.0);
        $minutes = min($rules->mostMinutes, $rules->baseMinutes * $age * $temperament * array_product($health) * $trust);

        return new self(
            $minutes,
            $ageGroup,
            $age,
            $temperament,
            $health,
            $trust,
            min($rules->sectionCapMinutes, $minutes / $rules->sectionCapPart),
            $minutes < $rules->frailMinutes,
        );
    }
}
