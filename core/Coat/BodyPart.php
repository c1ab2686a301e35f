<?php

declare(strict_types=1);

namespace HoundCheck\Core\Coat;

/** A section without its side: what left and right have in common. */
enum BodyPart: string
{
    case Muzzle = 'muzzle';
    case Crown = 'crown';
    case Ear = 'ear';
    case BehindEar = 'behind_ear';
    case Neck = 'neck';
    case Chest = 'chest';
    case Shoulder = 'shoulder';
    case Armpit = 'armpit';
    case Foreleg = 'foreleg';
    case Forefoot = 'forefoot';
    case Back = 'back';
    case Side = 'side';
    case Tuckup = 'tuckup';
    case Belly = 'belly';
    case Groin = 'groin';
    case Breeches = 'breeches';
    case Hindleg = 'hindleg';
    case Hindfoot = 'hindfoot';
    case Tail = 'tail';

    /**
     * The table of the 30 sections. Shares follow the veterinary rule of nines (head and neck 9, each forelimb 9,
     * each hindlimb 18, upper and lower trunk 18 each, tail 1), divided further by us; a pair's share is for each side.
     */
    public function facts(): SectionFacts
    {
        return match ($this) {
            // share %, aspect, seen, tender, even with
            self::Muzzle => new SectionFacts(1.2, 1.5, 1.0, 1.5, null),
            self::Crown => new SectionFacts(1.6, 1.2, 1.0, 1.1, null),
            self::Ear => new SectionFacts(0.8, 0.7, 1.0, 1.6, EvenGroup::Ears),
            self::BehindEar => new SectionFacts(0.4, 1.0, 0.4, 1.5, null),
            self::Neck => new SectionFacts(3.8, 1.6, 0.9, 1.1, EvenGroup::Body),
            self::Chest => new SectionFacts(5.0, 0.9, 0.8, 1.1, EvenGroup::Body),
            self::Shoulder => new SectionFacts(3.8, 0.9, 1.0, 1.0, EvenGroup::Body),
            self::Armpit => new SectionFacts(0.8, 1.0, 0.05, 2.0, null),
            self::Foreleg => new SectionFacts(3.4, 0.7, 1.0, 1.3, EvenGroup::Legs),
            self::Forefoot => new SectionFacts(1.0, 1.2, 0.8, 1.6, EvenGroup::Feet),
            self::Back => new SectionFacts(7.0, 3.0, 1.0, 0.8, EvenGroup::Body),
            self::Side => new SectionFacts(9.0, 1.3, 1.0, 0.9, EvenGroup::Body),
            self::Tuckup => new SectionFacts(1.6, 1.0, 0.2, 1.8, null),
            self::Belly => new SectionFacts(5.0, 1.5, 0.15, 1.6, null),
            self::Groin => new SectionFacts(1.0, 1.0, 0.05, 2.0, null),
            self::Breeches => new SectionFacts(9.6, 0.8, 1.0, 1.0, EvenGroup::Legs),
            self::Hindleg => new SectionFacts(5.4, 0.7, 1.0, 1.3, EvenGroup::Legs),
            self::Hindfoot => new SectionFacts(1.4, 1.2, 0.8, 1.6, EvenGroup::Feet),
            self::Tail => new SectionFacts(1.0, 0.35, 1.0, 1.3, null),
        };
    }
}
