<?php

declare(strict_types=1);

namespace HoundCheck\Core\Dog;

use HoundCheck\Core\Coat\BodyPart;

/** What the dog wears day by day. It rubs, and mats sit under it. */
enum Gear: string
{
    case Collar = 'collar';
    case Harness = 'harness';
    case Coat = 'coat';
    case BellyBand = 'belly_band';
    /** Not worn, but it rubs and mats like it: legs wet or muddy most days. */
    case WetLegs = 'wet_legs';

    /** @return list<BodyPart> */
    public function rubs(): array
    {
        return match ($this) {
            self::Collar => [BodyPart::Neck, BodyPart::BehindEar],
            self::Harness => [BodyPart::Chest, BodyPart::Shoulder, BodyPart::Armpit],
            self::Coat => [BodyPart::Shoulder, BodyPart::Side, BodyPart::Armpit],
            self::BellyBand => [BodyPart::Belly, BodyPart::Groin],
            self::WetLegs => [BodyPart::Forefoot, BodyPart::Hindfoot, BodyPart::Foreleg, BodyPart::Hindleg, BodyPart::Belly, BodyPart::Breeches],
        };
    }
}
