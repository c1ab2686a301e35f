<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Words;

use HoundCheck\Core\Coat\BodyPart;
use HoundCheck\Core\Coat\Section;

/** Parts of the dog that are dried one after the other, from the rear forward and the head last, each dry to the skin before the next. */
enum DryArea: string
{
    case HindLegs = 'hind_legs';
    case Underside = 'underside';
    case Back = 'back';
    case Forelegs = 'forelegs';
    case NeckAndChest = 'neck_and_chest';
    case Head = 'head';

    /** @return list<BodyPart> */
    public function parts(): array
    {
        return match ($this) {
            self::Head => [BodyPart::Muzzle, BodyPart::Crown, BodyPart::Ear, BodyPart::BehindEar],
            self::NeckAndChest => [BodyPart::Neck, BodyPart::Chest, BodyPart::Shoulder],
            self::Forelegs => [BodyPart::Armpit, BodyPart::Foreleg, BodyPart::Forefoot],
            self::Back => [BodyPart::Back, BodyPart::Side],
            self::Underside => [BodyPart::Tuckup, BodyPart::Belly, BodyPart::Groin],
            self::HindLegs => [BodyPart::Breeches, BodyPart::Hindleg, BodyPart::Hindfoot, BodyPart::Tail],
        };
    }

    /** @return list<Section> */
    public function sections(): array
    {
        return array_values(array_filter(Section::cases(), fn(Section $section): bool => in_array($section->part(), $this->parts(), true)));
    }

    public static function of(Section $section): self
    {
        foreach (self::cases() as $area) {
            if (in_array($section->part(), $area->parts(), true)) {
                return $area;
            }
        }

        throw new \LogicException("No area dries {$section->value}.");
    }
}
