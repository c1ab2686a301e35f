<?php

declare(strict_types=1);

namespace HoundCheck\Core\CombCheck;

/** What the wide comb does, drawn from the skin to the tip. */
enum Comb: string
{
    case Glides = 'glides';
    case Catches = 'catches';
    case Stops = 'stops';
    case CannotEnter = 'cannot_enter';
}
