<?php

declare(strict_types=1);

namespace HoundCheck\Core\CombCheck;

/** The one scale of the salon, by what a comb drawn from the skin does. */
enum Grade: int
{
    case Clear = 0;
    case Drag = 1;
    case Tangle = 2;
    case Mat = 3;
    case TightMat = 4;
    case Pelted = 5;

    /** Whether hair is knotted: the comb stops and something has to be done about it. */
    public function isMatted(): bool
    {
        return $this->value >= self::Tangle->value;
    }

    public function atLeast(self $other): bool
    {
        return $this->value >= $other->value;
    }
}
