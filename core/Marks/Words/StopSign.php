<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Words;

/** What somebody saw that stops all work at once. */
enum StopSign: string
{
    case Gums = 'gums';
    case Breath = 'breath';
    case Collapse = 'collapse';
    case Seizure = 'seizure';
    case Belly = 'belly';
    case Maggots = 'maggots';
    case Ear = 'ear';
    case Bleeding = 'bleeding';
}
