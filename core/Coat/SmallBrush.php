<?php

declare(strict_types=1);

namespace HoundCheck\Core\Coat;

/** A small dog is brushed with a small brush, and with one corner of it on tail, groin and face. */
enum SmallBrush: string
{
    case Whole = 'whole';
    case Corner = 'corner';

    /** Lighter than this it is a small dog, in kg. */
    private const SMALL_DOG_KG = 6.0;

    public static function for(float $weightKg, BodyPart $part): ?self
    {
        return match (true) {
            $weightKg >= self::SMALL_DOG_KG => null,
            in_array($part, [BodyPart::Tail, BodyPart::Groin, BodyPart::Muzzle, BodyPart::Crown], true) => self::Corner,
            default => self::Whole,
        };
    }
}
