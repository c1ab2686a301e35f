<?php

declare(strict_types=1);

namespace HoundCheck\Core\Dog;

/** How the dog is brushed at home, in the client's words. */
enum HomeBrushing: string
{
    case None = 'none';
    case TopOnly = 'top_only';
    case WeeklyToTheSkin = 'weekly';
    case TwiceAWeekToTheSkin = 'twice_a_week';
    case DailyToTheSkin = 'daily';
}
