<?php

declare(strict_types=1);

namespace Tests\Core\Memory;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\Dog\Gear;
use HoundCheck\Core\Dog\HomeBrushing;
use HoundCheck\Core\Memory\LifeAtHome;
use HoundCheck\Core\Memory\PastInterval;

/** Lives at home, and what inspections told of them, for the tests of the memory. */
final class Lives
{
    /**
     * @param list<Gear> $gear
     * @param list<Section> $chewed
     */
    public static function life(
        HomeBrushing $home = HomeBrushing::None,
        bool $shown = false,
        array $gear = [],
        bool $airDries = false,
        array $chewed = [],
        int $ageMonths = 48,
    ): LifeAtHome {
        return new LifeAtHome($home, $shown, $gear, $airDries, $chewed, $ageMonths);
    }

    /** @param array<string, array{float, Grade}> $found days and grade by section id */
    public static function interval(array $found, bool $washedOverKnots = false, float $mm = 60): PastInterval
    {
        return new PastInterval(
            self::life(),
            array_fill_keys(array_column(Section::cases(), 'value'), $mm),
            $found,
            $washedOverKnots,
        );
    }

    /** Every section at the same grade after the same days. */
    public static function allAt(Grade $grade, float $days): PastInterval
    {
        return self::interval(array_fill_keys(array_column(Section::cases(), 'value'), [$days, $grade]));
    }
}
