<?php

declare(strict_types=1);

namespace HoundCheck\Core\Dog;

enum AgeGroup: string
{
    case YoungPuppy = 'young_puppy';
    case Puppy = 'puppy';
    case Adult = 'adult';
    case Senior = 'senior';

    /** Senior: from 8 years over 25 kg, else from 10 years. */
    public static function of(int $ageMonths, float $weightKg): self
    {
        return match (true) {
            $ageMonths < 6 => self::YoungPuppy,
            $ageMonths < 12 => self::Puppy,
            $ageMonths >= ($weightKg > 25 ? 8 : 10) * 12 => self::Senior,
            default => self::Adult,
        };
    }
}
