<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\CombCheck;
use HoundCheck\Core\Dog\Dog;
use HoundCheck\Core\Dog\Temperament;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\House\Kit;
use HoundCheck\Core\Plan\ClipConsent;
use HoundCheck\Core\Plan\CoatCase;
use HoundCheck\Core\Plan\CoatReport;
use HoundCheck\Core\Plan\SectionReading;
use Random\Randomizer;
use Tests\Core\Dogs;

/** Seeded dogs whose plans can be made: every section graded, none stuck. */
final class FrontierDogs
{
    /** @param int $matted how many sections stop the comb */
    public static function report(Randomizer $random, int $matted, int $slotMinutes = 90, Kit $kit = new Kit): CoatReport
    {
        $one = fn(array $of): mixed => $of[$random->getInt(0, count($of) - 1)];
        $coat = $one([CoatType::Curly, CoatType::Mixed, CoatType::Silky, CoatType::Wire]);
        $dog = new Dog(
            $random->getInt(30, 320) / 10,
            $coat,
            false,
            (float) $random->getInt(20, 90),
            ['tail' => 30.0, 'muzzle' => 14.0],
            $random->getInt(14, 100),
            $one(Temperament::cases()),
            [],
        );
        $readings = [];
        foreach ($random->shuffleArray(Section::cases()) as $index => $section) {
            $readings[$section->value] = new SectionReading($index < $matted ? self::knot($random) : Dogs::clear());
        }

        return CoatReport::of(new CoatCase($dog, $kit, $slotMinutes, ClipConsent::Any, $readings), HouseRules::shop());
    }

    private static function knot(Randomizer $random): CombCheck
    {
        $share = $random->getInt(2, 60) / 100;
        $lift = $random->getInt(32, 140) / 10;

        return match ($random->getInt(0, 2)) {
            0 => Dogs::tangle($share, $lift),
            1 => Dogs::mat($share, $lift),
            default => Dogs::tightMat($share, $lift),
        };
    }
}
