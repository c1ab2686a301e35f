<?php

declare(strict_types=1);

namespace HoundCheck\Core\Memory;

/** What an interval can be too long for. */
enum KeepLimit: string
{
    /** More of the coat that shows would have to go than the house lets grow back. */
    case Lost = 'lost';
    /** More pulling than the house asks of this dog at one visit that was planned. */
    case Pulling = 'pulling';
    /** More mats where they show. */
    case MatsSeen = 'mats_seen';
}
