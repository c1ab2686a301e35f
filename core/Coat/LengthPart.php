<?php

declare(strict_types=1);

namespace HoundCheck\Core\Coat;

/** A part of the dog for which a client may want a length of its own. */
enum LengthPart: string
{
    case Body = 'body';
    case Legs = 'legs';
    case Feet = 'feet';
    case Head = 'head';
    case Ears = 'ears';
    case Tail = 'tail';

    public static function of(Section $section): self
    {
        return match ($section->part()) {
            BodyPart::Muzzle, BodyPart::Crown => self::Head,
            BodyPart::Ear, BodyPart::BehindEar => self::Ears,
            BodyPart::Foreleg, BodyPart::Hindleg, BodyPart::Breeches => self::Legs,
            BodyPart::Forefoot, BodyPart::Hindfoot => self::Feet,
            BodyPart::Tail => self::Tail,
            default => self::Body,
        };
    }
}
