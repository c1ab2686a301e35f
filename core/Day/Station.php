<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day;

/** Where a step is done; each holds one dog. */
enum Station: string
{
    case Table = 'table';
    case Tub = 'tub';
    case Dryer = 'dryer';
}
