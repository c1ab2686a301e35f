<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Words;

/** What a photo shows: the coat as it came, or as it went. */
enum PhotoMoment: string
{
    case Before = 'before';
    case After = 'after';
}
