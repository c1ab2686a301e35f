<?php

declare(strict_types=1);

namespace HoundCheck\Core\Coat;

/** The schools of going round a dog. Choose one order and keep it. */
enum RouteSchool: string
{
    case FeetUp = 'feet_up';
    case FrontToRear = 'front_to_rear';
    case FrictionFirst = 'friction_first';
    /** The salon's own order; the order itself is among its house rules. */
    case Own = 'own';

    /** @return list<Section> each section once, in the order the hands go */
    public function route(): array
    {
        $order = match ($this) {
            // Feet up, rear to front, head last; an own order starts from it.
            self::FeetUp, self::Own => [
                BodyPart::Hindfoot, BodyPart::Hindleg, BodyPart::Breeches, BodyPart::Tail, BodyPart::Groin, BodyPart::Tuckup,
                BodyPart::Belly, BodyPart::Side, BodyPart::Back, BodyPart::Forefoot, BodyPart::Foreleg, BodyPart::Armpit,
                BodyPart::Shoulder, BodyPart::Chest, BodyPart::Neck, BodyPart::BehindEar, BodyPart::Ear, BodyPart::Crown,
                BodyPart::Muzzle,
            ],
            self::FrontToRear => [
                BodyPart::Muzzle, BodyPart::Crown, BodyPart::Ear, BodyPart::BehindEar, BodyPart::Neck, BodyPart::Chest,
                BodyPart::Shoulder, BodyPart::Armpit, BodyPart::Foreleg, BodyPart::Forefoot, BodyPart::Back, BodyPart::Side,
                BodyPart::Belly, BodyPart::Tuckup, BodyPart::Groin, BodyPart::Breeches, BodyPart::Hindleg, BodyPart::Hindfoot,
                BodyPart::Tail,
            ],
            // Where gear and movement rub, then the rest as in feet up.
            self::FrictionFirst => [
                BodyPart::BehindEar, BodyPart::Armpit, BodyPart::Breeches, BodyPart::Tail, BodyPart::Groin, BodyPart::Tuckup,
                BodyPart::Belly, BodyPart::Chest, BodyPart::Neck, BodyPart::Hindfoot, BodyPart::Hindleg, BodyPart::Side,
                BodyPart::Back, BodyPart::Forefoot, BodyPart::Foreleg, BodyPart::Shoulder, BodyPart::Ear, BodyPart::Crown,
                BodyPart::Muzzle,
            ],
        };

        $route = [];
        foreach ($order as $part) {
            foreach (Section::cases() as $section) {
                if ($section->part() === $part) {
                    $route[] = $section;
                }
            }
        }

        return $route;
    }
}
