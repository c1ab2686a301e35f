<?php

declare(strict_types=1);

namespace HoundCheck\Core\Bath;

/** Why the bath gate is shut. */
enum LackReason: string
{
    case NotCombed = 'not_combed';
    case CombFailed = 'comb_failed';
    case NotClipped = 'not_clipped';
    case OfAnotherDay = 'of_another_day';
    case MatParked = 'mat_parked';
    case HeldForVet = 'held_for_vet';
    case LaterVisit = 'later_visit';
}
