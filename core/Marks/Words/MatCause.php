<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Words;

/** Why a mat is left, or treated otherwise: what the screens enter for the groomer. */
enum MatCause: string
{
    case DidNotOpen = 'did_not_open';
    /** Found while the dog lay on its back, where nothing pulls. */
    case FromBehind = 'from_behind';
}
