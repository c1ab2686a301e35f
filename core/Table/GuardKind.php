<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table;

/** What the table watches, so that the groomer need not. */
enum GuardKind: string
{
    case MistAgain = 'mist_again';
    case RestThisPlace = 'rest_this_place';
    case SectionCapReached = 'section_cap_reached';
    case ToleranceLow = 'tolerance_low';
    case ToleranceSpent = 'tolerance_spent';
    case Snapped = 'snapped';
}
