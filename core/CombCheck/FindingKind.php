<?php

declare(strict_types=1);

namespace HoundCheck\Core\CombCheck;

/** Skin and health notes at a section. They are findings, not diagnoses. */
enum FindingKind: string
{
    case Redness = 'redness';
    case Scab = 'scab';
    case Growth = 'growth';
    case Swelling = 'swelling';
    case OpenSkin = 'open_skin';
    case HotSpot = 'hot_spot';
    case Moist = 'moist';
    case Bruise = 'bruise';
    case Parasites = 'parasites';
    case HairLoss = 'hair_loss';
    case VetClip = 'vet_clip';
    case Odour = 'odour';
    case Pain = 'pain';

    public function referral(): ?Referral
    {
        return match ($this) {
            self::Growth => Referral::NeverBrushOver,
            self::OpenSkin, self::Swelling => Referral::LeaveAloneSeeVet,
            self::HotSpot, self::Parasites => Referral::ClipOnlySeeVet,
            self::Pain => Referral::SeeVet,
            default => null,
        };
    }
}
