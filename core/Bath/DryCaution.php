<?php

declare(strict_types=1);

namespace HoundCheck\Core\Bath;

/** What to mind at the dryer. */
enum DryCaution: string
{
    case NoiseAwayFirst = 'noise_away_first';
    case FromTheRear = 'from_the_rear';
    case NotOnTheFace = 'not_on_the_face';
    case NoHeat = 'no_heat';
    /** An old dog that is wet gets cold. */
    case WarmRoom = 'warm_room';
    case BitesTheDryer = 'bites_the_dryer';
    case BrushWhereItBlows = 'brush_where_it_blows';
    case NeverAirDried = 'never_air_dried';
    case StayWithTheDog = 'stay_with_the_dog';
}
