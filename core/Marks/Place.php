<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks;

/** Whether a kind of mark belongs to one section of the coat. */
enum Place: string
{
    case Section = 'section';
    case Visit = 'visit';
    case Either = 'either';
}
