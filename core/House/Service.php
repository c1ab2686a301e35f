<?php

declare(strict_types=1);

namespace HoundCheck\Core\House;

/** What a client books; each has a base price of its own. */
enum Service: string
{
    case FullGroom = 'full_groom';
    /** Between two grooms. */
    case BathAndBrush = 'bath_and_brush';
    case NailsAndTidy = 'nails_and_tidy';
}
