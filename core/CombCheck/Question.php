<?php

declare(strict_types=1);

namespace HoundCheck\Core\CombCheck;

/** What the comb check asks, in the order in which hands find the answers. */
enum Question: string
{
    case Comb = 'comb';
    case SkinLine = 'skin_line';
    case Opens = 'opens';
    case MattedShare = 'matted_share';
    case LiftMm = 'lift_mm';
}
