<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Words;

/** What the client is told to watch for, by what was done. */
enum Aftercare: string
{
    case EarsAfterTightMats = 'ears_after_tight_mats';
    case ShortClip = 'short_clip';
    case ClippedDoubleCoat = 'clipped_double_coat';
    case Licking = 'licking';
    case SofterWire = 'softer_wire';
    case Redness = 'redness';
    case Parasites = 'parasites';
    case QuietEvening = 'quiet_evening';
    case BetweenVisits = 'between_visits';

    /** What shows late: brush burn, and blood that comes back into an ear. */
    public function wantsAWordTheNextDay(): bool
    {
        return $this === self::EarsAfterTightMats || $this === self::QuietEvening;
    }
}
