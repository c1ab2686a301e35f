<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

/** What the arrival answers warn of, before the inspection. The sentences are the screens'. */
enum ArrivalConcern: string
{
    case GearStillOn = 'gear_still_on';
    case HeartOrAirway = 'heart_or_airway';
    case WashedOverKnots = 'washed_over_knots';
    case LongSinceCombOut = 'long_since_comb_out';
    case FirstGroom = 'first_groom';
    case CoatChange = 'coat_change';
    case Gear = 'gear';
}
