<?php

declare(strict_types=1);

namespace HoundCheck\Core\House;

use HoundCheck\Core\Coat\CoatType;

/** Whether a coat may be left to air-dry. Curly and dense coats never are. */
enum DryingSchool: string
{
    case DryerAlways = 'dryer_always';
    case AirDryAllowed = 'air_dry_allowed';

    public function mayAirDry(CoatType $coat): bool
    {
        return $this === self::AirDryAllowed && ($coat === CoatType::Smooth || $coat === CoatType::Wire);
    }
}
