<?php

declare(strict_types=1);

namespace HoundCheck\Core\Coat;

/** The kinds of coat that are worked differently. A puppy's coat is its adult coat, with the age rules. */
enum CoatType: string
{
    case Silky = 'silky';
    case Curly = 'curly';
    case Double = 'double';
    case Wire = 'wire';
    case Smooth = 'smooth';
    case Mixed = 'mixed';
}
