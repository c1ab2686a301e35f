<?php

declare(strict_types=1);

namespace Tests\Core\Memory;

use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\Dog\HomeBrushing;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\Memory\DogMemory;
use HoundCheck\Core\Memory\Expected;
use HoundCheck\Core\Memory\Forecaster;
use HoundCheck\Core\Memory\LeftCoat;
use HoundCheck\Core\Memory\LifeAtHome;
use HoundCheck\Core\Memory\VisitTells;
use HoundCheck\Core\Memory\WorkHabit;
use PHPUnit\Framework\TestCase;
use Tests\Core\Dogs;

/** A dog whose mats are clipped is booked for less than one whose mats are opened. */
final class WorkHabitTest extends TestCase
{
    public function test_a_dog_nobody_knows_is_reckoned_with_at_the_rules_own_minutes(): void
    {
        self::assertSame(1.0, self::factor([]));
    }

    public function test_visits_that_took_half_as_long_as_opening_would_have_count_more_the_more_there_are(): void
    {
        $opening = self::openingMinutes();
        $one = self::factor([0.5 * $opening]);
        $six = self::factor(array_fill(0, 6, 0.5 * $opening));

        self::assertEqualsWithDelta(exp(log(0.5) / 2), $one, 0.001);
        self::assertEqualsWithDelta(exp(6 * log(0.5) / 7), $six, 0.001);
        self::assertEqualsWithDelta(1.0, self::factor(array_fill(0, 6, $opening)), 0.001);
    }

    public function test_older_visits_and_odd_ones_do_not_count(): void
    {
        $opening = self::openingMinutes();
        self::assertEqualsWithDelta(1.0, self::factor([...array_fill(0, 8, 0.5 * $opening), ...array_fill(0, 6, $opening)]), 0.001);
        self::assertEqualsWithDelta(1.0, self::factor([0.0, 20 * $opening]), 0.001);
    }

    public function test_what_is_expected_follows_what_was_done(): void
    {
        $expected = fn(array $worked): float => Expected::of(
            Dogs::dog(weightKg: 14, coat: CoatType::Curly, coatMm: 50),
            self::life(),
            self::memory($worked),
            null,
            false,
            new \DateTimeImmutable('2026-06-09 +42 days'),
            HouseRules::shop(),
        )->minutes ?? 0.0;
        $opening = self::openingMinutes();

        self::assertEqualsWithDelta(0.5 ** (4 / 5), $expected(array_fill(0, 4, 0.5 * $opening)) / $expected(array_fill(0, 4, $opening)), 0.001);
    }

    /** @param list<float> $worked minutes at the table, by visit */
    private static function factor(array $worked): float
    {
        return WorkHabit::factor(Dogs::dog(weightKg: 14, coat: CoatType::Curly, coatMm: 50), self::memory($worked), HouseRules::shop());
    }

    /** Of what was found on every visit. */
    private static function openingMinutes(): float
    {
        $house = HouseRules::shop();
        $dog = Dogs::dog(weightKg: 14, coat: CoatType::Curly, coatMm: 50);
        $forecaster = new Forecaster($dog, self::memory([])->clock(), $house);
        $effort = $forecaster->effortOf(new LeftCoat($dog->coat, 50.0, [], $house->memory), 0);
        $mat = [2 => 1.0, 3 => 1.0, 4 => 0.0, 5 => 0.0];

        return array_sum(array_map(fn(Section $section): float => $forecaster->work($section, $mat, $effort)[0], Section::cases()));
    }

    private static function life(): LifeAtHome
    {
        return new LifeAtHome(HomeBrushing::None, false, [], false, [], 40);
    }

    /** @param list<float> $worked */
    private static function memory(array $worked): DogMemory
    {
        $ids = array_column(Section::cases(), 'value');
        $visits = [];
        foreach ($worked as $place => $minutes) {
            $days = 42 * (count($worked) - $place - 1);
            $found = array_fill_keys($ids, Grade::Mat);
            $lengths = array_fill_keys($ids, 50.0);
            $at = new \DateTimeImmutable("2026-06-09 -{$days} days");
            $visits[] = new VisitTells($at, self::life(), false, 42, $found, $lengths, $lengths, Section::cases(), $minutes, 3.0);
        }

        return DogMemory::of(CoatType::Curly, $visits, HouseRules::shop()->memory, 50.0);
    }
}
