<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table;

use HoundCheck\Core\House\Kit;

/** What a thinning shear takes: with the share of one close, n closes leave (1 − share)^n of the hair. */
final readonly class Thinning
{
    /** @return float part of the hair at the mat that is left, 0–1 */
    public static function left(Kit $kit, int $closes): float
    {
        return (1 - $kit->closeShare) ** $closes;
    }
}
