<?php

declare(strict_types=1);

namespace HoundCheck\Core\Arrival;

use HoundCheck\Core\Dog\HealthFact;

/** What the arrival answers warn of, before the inspection. The sentences are the screens'. */
enum ArrivalConcern: string
{
    case Continues = 'continues';
    case GearStillOn = 'gear_still_on';
    case CakedCoat = 'caked_coat';
    case GrubbyCoat = 'grubby_coat';
    case HeartOrAirway = 'heart_or_airway';
    case ShortNosed = 'short_nosed';
    case Seizures = 'seizures';
    case Diabetes = 'diabetes';
    case FoodAllergy = 'food_allergy';
    case BloodThinner = 'blood_thinner';
    case Blind = 'blind';
    case Deaf = 'deaf';
    case PregnantOrNursing = 'pregnant_or_nursing';
    case InSeason = 'in_season';
    case MoultAfterHeat = 'moult_after_heat';
    case WashedOverKnots = 'washed_over_knots';
    case LongSinceCombOut = 'long_since_comb_out';
    case FirstGroom = 'first_groom';
    case CoatChange = 'coat_change';
    case Gear = 'gear';

    /** A health fact that asks for a handling of its own; null: what it asks is in the plan. */
    public static function ofHealth(HealthFact $fact): ?self
    {
        return self::tryFrom($fact->value);
    }
}
