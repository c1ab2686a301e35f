<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan;

/** What a blade does under a mat. */
enum BladeResult: string
{
    case Passes = 'passes';
    case Partly = 'partly';
    case Stops = 'stops';
}
