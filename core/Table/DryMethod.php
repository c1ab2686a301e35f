<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table;

/** How a coat is dried after the towel. */
enum DryMethod: string
{
    case Dryer = 'dryer';
    case Air = 'air';
}
