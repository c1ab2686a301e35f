<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table;

/** The steps of a bath, in order. */
enum BathStep: string
{
    case RinsedFirst = 'rinsed_first';
    case Lathered = 'lathered';
    case RinsedOut = 'rinsed_out';
}
