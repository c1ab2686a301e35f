<?php

declare(strict_types=1);

namespace Tests\Core;

use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Comb;
use HoundCheck\Core\CombCheck\CombCheck;
use HoundCheck\Core\CombCheck\FindingKind;
use HoundCheck\Core\CombCheck\Opens;
use HoundCheck\Core\CombCheck\SkinLine;
use HoundCheck\Core\Dog\Dog;
use HoundCheck\Core\Dog\HealthFact;
use HoundCheck\Core\Dog\Temperament;
use HoundCheck\Core\House\Kit;
use HoundCheck\Core\Plan\ClipConsent;
use HoundCheck\Core\Plan\CoatCase;
use HoundCheck\Core\Plan\SectionReading;

/** Dogs and comb results for the tests of the rules. */
final class Dogs
{
    /**
     * @param list<HealthFact> $health
     * @param array<string, float> $sectionMm
     */
    public static function dog(
        float $weightKg = 12,
        CoatType $coat = CoatType::Mixed,
        float $coatMm = 40,
        int $ageMonths = 48,
        Temperament $temperament = Temperament::Easy,
        array $health = [],
        array $sectionMm = [],
        bool $primitive = false,
    ): Dog {
        return new Dog($weightKg, $coat, $primitive, $coatMm, $sectionMm, $ageMonths, $temperament, $health);
    }

    public static function clear(): CombCheck
    {
        return new CombCheck(Comb::Glides, SkinLine::Clear);
    }

    public static function tangle(?float $share = null, ?float $lift = null): CombCheck
    {
        return new CombCheck(Comb::Stops, SkinLine::Clear, opens: Opens::Fingers, mattedShare: $share, liftMm: $lift);
    }

    public static function mat(?float $share = null, ?float $lift = null): CombCheck
    {
        return new CombCheck(Comb::Stops, SkinLine::Patchy, opens: Opens::Tool, mattedShare: $share, liftMm: $lift);
    }

    public static function tightMat(?float $share = null, ?float $lift = null): CombCheck
    {
        return new CombCheck(Comb::CannotEnter, SkinLine::Patchy, mattedShare: $share, liftMm: $lift);
    }

    public static function pelted(float $share = 0.8, ?float $lift = 1.6): CombCheck
    {
        return new CombCheck(Comb::CannotEnter, SkinLine::Hidden, mattedShare: $share, liftMm: $lift);
    }

    /**
     * A dog with clear coat everywhere but in the named sections.
     *
     * @param array<string, CombCheck|null> $checks by section id; null for a section that was not checked
     * @param array<string, list<FindingKind>> $findings by section id
     */
    public static function case(
        array $checks = [],
        array $findings = [],
        ?Dog $dog = null,
        ClipConsent $consent = ClipConsent::Ask,
        int $slotMinutes = 120,
    ): CoatCase {
        $readings = [];
        foreach (Section::cases() as $section) {
            $id = $section->value;
            $check = array_key_exists($id, $checks) ? $checks[$id] : self::clear();
            $readings[$id] = new SectionReading($check ?? new CombCheck, $findings[$id] ?? []);
        }

        return new CoatCase($dog ?? self::dog(), new Kit, $slotMinutes, $consent, $readings);
    }
}
