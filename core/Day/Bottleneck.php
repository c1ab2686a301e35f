<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day;

/** What dogs wait for: a place, or hands while their place is free. */
enum Bottleneck: string
{
    case Hands = 'hands';
    case Table = 'table';
    case Tub = 'tub';
    case Dryer = 'dryer';
}
