<?php

declare(strict_types=1);

namespace HoundCheck\Core\CombCheck;

/** What opens the mat. */
enum Opens: string
{
    case Fingers = 'fingers';
    case Tool = 'tool';
    case No = 'no';
}
