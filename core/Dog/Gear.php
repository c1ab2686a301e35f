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

    /** @return list<BodyPart> */
    public function rubs(): array
    {
        return match ($this) {
            self::Collar => [BodyPart::Neck, BodyPart::BehindEar],
            self::Harness => [BodyPart::Chest, BodyPart::Shoulder, BodyPart::Armpit],
            self::Coat => [BodyPart::Shoulder, BodyPart::Side, BodyPart::Armpit],
        };
    }
}
