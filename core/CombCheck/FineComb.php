<?php

declare(strict_types=1);

namespace HoundCheck\Core\CombCheck;

/** What the fine comb does. Never asked of a primitive double coat. */
enum FineComb: string
{
    case Glides = 'glides';
    case Catches = 'catches';
    case Stops = 'stops';
    case NotUsed = 'not_used';
}
