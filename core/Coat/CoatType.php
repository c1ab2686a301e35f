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

    /** Whether an adult coat grows into the puppy's and mats everywhere while it does. Such coats also mat as they dry by themselves. */
    public function changes(): bool
    {
        return $this !== self::Wire && $this !== self::Smooth;
    }

    /** @param int $ageMonths 0 or more */
    public function changesAt(int $ageMonths): bool
    {
        return $ageMonths >= 6 && $ageMonths < 18 && $this->changes();
    }
}
