<?php

declare(strict_types=1);

namespace HoundCheck\Core\CombCheck;

/** What a finding asks of the groomer. Never a diagnosis. */
enum Referral: string
{
    case NeverBrushOver = 'never_brush_over';
    case LeaveAloneSeeVet = 'leave_alone_see_vet';
    case ClipOnlySeeVet = 'clip_only_see_vet';
    case SeeVet = 'see_vet';
    case StopSeeVetNow = 'stop_see_vet_now';
    /** Last in the day or a table of its own; tools, table and tub are cleaned after it. */
    case LastInTheDay = 'last_in_the_day';
    case NothingOverIt = 'nothing_over_it';
}
