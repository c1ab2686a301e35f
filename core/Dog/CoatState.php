<?php

declare(strict_types=1);

namespace HoundCheck\Core\Dog;

/** How dirty the coat came in. Dirt in it cuts hair and hides the skin. */
enum CoatState: string
{
    case Clean = 'clean';
    case Grubby = 'grubby';
    case Caked = 'caked';
}
