<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Words;

/** Undercoat rakes, in the order of use. */
enum Rake: string
{
    case Wide = 'wide';
    case Fine = 'fine';
}
