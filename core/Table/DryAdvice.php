<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table;

use HoundCheck\Core\Dog\Dog;
use HoundCheck\Core\Dog\HealthFact;
use HoundCheck\Core\House\Schools;

/** How this coat is dried, and what to mind. */
final readonly class DryAdvice
{
    /** @return list<DryMethod> allowed here, the usual first */
    public static function methods(Dog $dog, Schools $schools): array
    {
        return $schools->drying->mayAirDry($dog->coat) ? [DryMethod::Dryer, DryMethod::Air] : [DryMethod::Dryer];
    }

    /** @return list<DryCaution> */
    public static function cautions(Dog $dog, Schools $schools): array
    {
        $noHeat = $dog->ageGroup()->isSenior() || array_filter(
            [HealthFact::HeartOrAirway, HealthFact::ShortNosed],
            fn(HealthFact $fact): bool => in_array($fact, $dog->health, true),
        ) !== [];

        return [
            ...($noHeat ? [DryCaution::NoHeat] : []),
            DryCaution::NoiseAwayFirst,
            DryCaution::FromTheRear,
            DryCaution::NotOnTheFace,
            ...($schools->drying->mayAirDry($dog->coat) ? [] : [DryCaution::BrushWhereItBlows, DryCaution::NeverAirDried]),
            DryCaution::StayWithTheDog,
        ];
    }
}
