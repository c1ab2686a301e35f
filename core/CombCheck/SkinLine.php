<?php

declare(strict_types=1);

namespace HoundCheck\Core\CombCheck;

/** The skin seen on parting the coat. */
enum SkinLine: string
{
    case Clear = 'clear';
    case Patchy = 'patchy';
    case Hidden = 'hidden';
    /** Loose undercoat fills the parting; no knot is felt. Asked only of double, mixed and smooth coats. */
    case Packed = 'packed';
}
