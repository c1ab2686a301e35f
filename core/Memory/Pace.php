<?php

declare(strict_types=1);

namespace HoundCheck\Core\Memory;

/** How fast a dog mats, held against the usual dog of its coat. */
enum Pace: string
{
    case Unknown = 'unknown';
    case Slower = 'slower';
    case Usual = 'usual';
    case Faster = 'faster';
}
