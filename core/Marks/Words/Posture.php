<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Words;

/** How the dog is on the table. */
enum Posture: string
{
    case Stands = 'stands';
    case LeftSide = 'left_side';
    case RightSide = 'right_side';
    case Back = 'back';
}
