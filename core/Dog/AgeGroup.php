<?php

declare(strict_types=1);

namespace HoundCheck\Core\Dog;

enum AgeGroup: string
{
    case YoungPuppy = 'young_puppy';
    case Puppy = 'puppy';
    case Adult = 'adult';
    case Senior = 'senior';
    /** Four years later. */
    case OldSenior = 'old_senior';

    private const YEARS_LATER = 4;

    /** Senior: from 6 years over 40 kg, from 8 over 25 kg, else from 10. */
    public static function of(int $ageMonths, float $weightKg): self
    {
        $seniorMonths = 12 * match (true) {
            $weightKg > 40 => 6,
            $weightKg > 25 => 8,
            default => 10,
        };

        return match (true) {
            $ageMonths < 6 => self::YoungPuppy,
            $ageMonths < 12 => self::Puppy,
            $ageMonths >= $seniorMonths + 12 * self::YEARS_LATER => self::OldSenior,
            $ageMonths >= $seniorMonths => self::Senior,
            default => self::Adult,
        };
    }

    public function isSenior(): bool
    {
        return $this === self::Senior || $this === self::OldSenior;
    }
}
