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
    /** @param array<string, float> $healthFactors by health fact */
    private function __construct(
        public float $minutes,
        public AgeGroup $ageGroup,
        public float $ageFactor,
        public float $temperamentFactor,
        public array $healthFactors,
    ) {}

    /** The same dog with other minutes: what is left after a part of the work. */
    public function with(float $minutes): self
    {
        return new self($minutes, $this->ageGroup, $this->ageFactor, $this->temperamentFactor, $this->healthFactors);
    }

    public static function of(Dog $dog, ToleranceRules $rules): self
    {
        $ageGroup = $dog->ageGroup();
        $age = $rules->byAge[$ageGroup->value];
        $temperament = $rules->byTemperament[$dog->temperament->value];
        $health = [];
        foreach ($dog->health as $fact) {
            $health[$fact->value] = $rules->byHealth[$fact->value];
        }
        $minutes = $rules->baseMinutes * $age * $temperament * array_product($health);

        return new self(max($rules->leastMinutes, min($rules->mostMinutes, $minutes)), $ageGroup, $age, $temperament, $health);
    }
}
