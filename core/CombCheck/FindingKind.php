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
    case Fleas = 'fleas';
    case Tick = 'tick';
    case MitesOrLice = 'mites_or_lice';
    case Maggots = 'maggots';
    case HairLoss = 'hair_loss';
    case VetClip = 'vet_clip';
    case Odour = 'odour';
    case Pain = 'pain';

    /** What earlier versions called them. */
    public const OLD_NAMES = ['parasites' => 'mites_or_lice'];

    /** A finding as it was written down by this version or an earlier one; null: none of that name. */
    public static function fromCode(string $code): ?self
    {
        return self::tryFrom(self::OLD_NAMES[$code] ?? $code);
    }

    /** Wants one acknowledging touch at the table before the first tool. */
    public function isMinded(): bool
    {
        return in_array($this, [self::Growth, self::HotSpot, self::Pain], true);
    }

    public function referral(): ?Referral
    {
        return match ($this) {
            self::Growth => Referral::NeverBrushOver,
            self::OpenSkin, self::Swelling => Referral::LeaveAloneSeeVet,
            self::Maggots => Referral::StopSeeVetNow,
            self::HotSpot, self::MitesOrLice => Referral::ClipOnlySeeVet,
            self::Fleas => Referral::LastInTheDay,
            self::Tick => Referral::NothingOverIt,
            self::Pain => Referral::SeeVet,
            default => null,
        };
    }
}
