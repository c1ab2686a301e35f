<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Words;

/** How a dog is washed all the same where a place is left alone. */
enum HeldWay: string
{
    /** No water there at all. */
    case KeptDry = 'kept_dry';

    /** Lukewarm water only, no product, cool air. */
    case WaterOnly = 'water_only';
}
