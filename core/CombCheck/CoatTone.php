<?php

declare(strict_types=1);

namespace HoundCheck\Core\CombCheck;

/** A grade in the plain words for a client: what combs through, what is tangled, what is matted. */
enum CoatTone: string
{
    case Combed = 'combed';
    case Tangled = 'tangled';
    case Matted = 'matted';

    /** A place without a grade is not called anything worse than combed. */
    public static function of(?Grade $grade): self
    {
        return match (true) {
            $grade?->atLeast(Grade::Mat) === true => self::Matted,
            $grade === Grade::Tangle => self::Tangled,
            default => self::Combed,
        };
    }
}
