<?php

declare(strict_types=1);

namespace HoundCheck\Core\Effort;

/** Work that has a clock of its own. */
enum ClockWork: string
{
    /** Sections at the table, each finished one. */
    case Table = 'table';
    /** From the dryer's start to the last place that is dry to the skin. */
    case Drying = 'drying';
    /** From the second comb check to the signature. */
    case Finish = 'finish';
}
