<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Words;

/** How a coat is dried after the towel. */
enum DryMethod: string
{
    case Dryer = 'dryer';
    case Air = 'air';
}
