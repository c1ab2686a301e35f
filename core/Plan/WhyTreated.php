<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan;

/** Why a section is treated as it is. The sentences are the screens'. */
enum WhyTreated: string
{
    case CombsOut = 'combs_out';
    case LeftAlone = 'left_alone';
    case OpenedByHand = 'opened_by_hand';
    case ThinnedToSpare = 'thinned_to_spare';
    /** Opening is ruled out; `bar` says by what. */
    case OpeningRuledOut = 'opening_ruled_out';
    /** It could be opened, at the price of pulling that was given to other places or saved. */
    case ClippedToSpare = 'clipped_to_spare';
    /** It could stay longer, but must match others. */
    case ClippedToMatch = 'clipped_to_match';
}
