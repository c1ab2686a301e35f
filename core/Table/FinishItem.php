<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table;

/** What is ticked before a dog goes home. */
enum FinishItem: string
{
    case Parting = 'parting';
    case TopKnot = 'top_knot';
    case Nails = 'nails';
    case Pads = 'pads';
    case Ears = 'ears';
    case GearBackOn = 'gear_back_on';
    case Reward = 'reward';
}
