<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Words;

/** What is ticked before a dog goes home. */
enum FinishItem: string
{
    case Parting = 'parting';
    case TopKnot = 'top_knot';
    case Eyes = 'eyes';
    case Nails = 'nails';
    case Pads = 'pads';
    case PadBalm = 'pad_balm';
    case Ears = 'ears';
    case GearBackOn = 'gear_back_on';
    case Reward = 'reward';
}
