<?php

declare(strict_types=1);

namespace HoundCheck\Core\Coat;

/** One of the 30 parts of the coat. Left and right are the dog's, never the viewer's. */
enum Section: string
{
    case Muzzle = 'muzzle';
    case Crown = 'crown';
    case EarLeft = 'ear_l';
    case EarRight = 'ear_r';
    case BehindEarLeft = 'behind_ear_l';
    case BehindEarRight = 'behind_ear_r';
    case Neck = 'neck';
    case Chest = 'chest';
    case ShoulderLeft = 'shoulder_l';
    case ShoulderRight = 'shoulder_r';
    case ArmpitLeft = 'armpit_l';
    case ArmpitRight = 'armpit_r';
    case ForelegLeft = 'foreleg_l';
    case ForelegRight = 'foreleg_r';
    case ForefootLeft = 'forefoot_l';
    case ForefootRight = 'forefoot_r';
    case Back = 'back';
    case SideLeft = 'side_l';
    case SideRight = 'side_r';
    case TuckupLeft = 'tuckup_l';
    case TuckupRight = 'tuckup_r';
    case Belly = 'belly';
    case Groin = 'groin';
    case BreechesLeft = 'breeches_l';
    case BreechesRight = 'breeches_r';
    case HindlegLeft = 'hindleg_l';
    case HindlegRight = 'hindleg_r';
    case HindfootLeft = 'hindfoot_l';
    case HindfootRight = 'hindfoot_r';
    case Tail = 'tail';

    public function part(): BodyPart
    {
        return BodyPart::from($this->isPaired() ? substr($this->value, 0, -2) : $this->value);
    }

    public function isPaired(): bool
    {
        return str_ends_with($this->value, '_l') || str_ends_with($this->value, '_r');
    }

    public function facts(): SectionFacts
    {
        return $this->part()->facts();
    }

    /** Part of the whole body surface, 0–1. */
    public function share(): float
    {
        return $this->facts()->sharePercent / 100;
    }
}
