<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Words;

/** What opened the mats of a section in the end: kept for the dog's next visit. */
enum OpenedWith: string
{
    case Fingers = 'fingers';
    case Tool = 'tool';
    case Shear = 'shear';
    case Clip = 'clip';
}
