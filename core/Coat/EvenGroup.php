<?php

declare(strict_types=1);

namespace HoundCheck\Core\Coat;

/** Places that must match in length after the groom, or the dog looks patched. */
enum EvenGroup: string
{
    case Body = 'body';
    case Legs = 'legs';
    case Feet = 'feet';
    case Ears = 'ears';
}
