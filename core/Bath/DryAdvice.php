<?php

declare(strict_types=1);

namespace HoundCheck\Core\Bath;

use HoundCheck\Core\Dog\Dog;
use HoundCheck\Core\Dog\Temperament;
use HoundCheck\Core\House\Schools;
use HoundCheck\Core\Marks\Words\DryMethod;

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
        $isOld = $dog->ageGroup()->isSenior();

        return [
            ...($isOld || $dog->breathesHard() ? [DryCaution::NoHeat] : []),
            ...($isOld ? [DryCaution::WarmRoom] : []),
            ...($dog->temperament === Temperament::Mouthy ? [DryCaution::BitesTheDryer] : []),
            DryCaution::NoiseAwayFirst,
            DryCaution::FromTheRear,
            DryCaution::NotOnTheFace,
            ...($schools->drying->mayAirDry($dog->coat) ? [] : [DryCaution::BrushWhereItBlows, DryCaution::NeverAirDried]),
            DryCaution::StayWithTheDog,
        ];
    }
}
