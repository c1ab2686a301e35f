<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

/** Where a dog stands in the day. */
enum Stage: string
{
    case Arrived = 'arrived';
    case Inspecting = 'inspecting';
    case Planned = 'planned';
    case Agreed = 'agreed';
    case Brushing = 'brushing';
    case Cleared = 'cleared';
    case Bathed = 'bathed';
    case Dried = 'dried';
    case Finished = 'finished';
    case Collected = 'collected';
    case Stopped = 'stopped';

    public function isClosed(): bool
    {
        return $this === self::Collected || $this === self::Stopped;
    }
}
