<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day;

/** Why a dog is the next one for a groomer. */
enum NextReason: string
{
    /** Wet dogs are never left standing. */
    case ToBeDried = 'to_be_dried';
    /** It was decided so. */
    case Decided = 'decided';
    case LeastSlack = 'least_slack';
    /** Nothing is promised for it; nobody else waits. */
    case NobodyElse = 'nobody_else';
}
