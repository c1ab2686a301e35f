<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Words;

/** What became of a mat in hand. */
enum MatOutcome: string
{
    case Opened = 'opened';
    case Thinned = 'thinned';
    case Clipped = 'clipped';
}
