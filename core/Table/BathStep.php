<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table;

/** The steps of a bath, in order, or the sponge in its place. */
enum BathStep: string
{
    case RinsedFirst = 'rinsed_first';
    case Lathered = 'lathered';
    case RinsedOut = 'rinsed_out';

    /** In the place of a bath where a place must be left alone: a damp sponge on the clean parts. */
    case Sponged = 'sponged';
}
