<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks;

use HoundCheck\Core\CombCheck\Comb;
use HoundCheck\Core\CombCheck\CombCheck;
use HoundCheck\Core\CombCheck\FineComb;
use HoundCheck\Core\CombCheck\Opens;
use HoundCheck\Core\CombCheck\SkinLine;

/** What hands and comb found, as every kind of comb check sends it. */
final class CombCheckReader
{
    /** @throws UnreadableMark */
    public static function read(PayloadReader $reader): CombCheck
    {
        return new CombCheck(
            $reader->one('comb', Comb::class),
            $reader->optionalOne('skinLine', SkinLine::class),
            $reader->optionalOne('fine', FineComb::class) ?? FineComb::NotUsed,
            $reader->optionalOne('opens', Opens::class),
            $reader->optionalNumber('mattedShare', 0, 1),
            $reader->optionalNumber('largestMm', 0, 500),
            $reader->optionalNumber('liftMm', 0, 200),
            $reader->optionalBool('tender') ?? false,
        );
    }
}
