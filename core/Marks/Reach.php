<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks;

/** Where a mark changes what the sections of the coat ask for. */
enum Reach
{
    case Nowhere;
    case Here;
    case Everywhere;
}
