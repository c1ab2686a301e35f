<?php

declare(strict_types=1);

namespace Tests\Core\Tolerance;

use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Dog\Dog;
use HoundCheck\Core\Dog\HealthFact;
use HoundCheck\Core\Dog\Temperament;
use HoundCheck\Core\House\StandingRules;
use HoundCheck\Core\Tolerance\Standing;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Dogs;

final class StandingTest extends TestCase
{
    #[DataProvider('dogs')]
    public function test_the_shortest_that_applies_counts_and_the_cards_own_before_all(float $stands, float $inOneVisit, Dog $dog): void
    {
        $standing = Standing::of($dog, new StandingRules);

        self::assertSame([$stands, $inOneVisit], [$standing->minutes, $standing->inOneVisit]);
    }

    /** @return iterable<string, array{float, float, Dog}> */
    public static function dogs(): iterable
    {
        $stiff = [HealthFact::JointPain];
        yield 'an adult' => [60.0, 180.0, Dogs::dog()];
        yield 'old' => [30.0, 120.0, Dogs::dog(ageMonths: 120)];
        yield 'very old' => [20.0, 120.0, Dogs::dog(ageMonths: 168)];
        yield 'young' => [30.0, 75.0, Dogs::dog(ageMonths: 11)];
        yield 'very young' => [15.0, 45.0, Dogs::dog(ageMonths: 5)];
        yield 'joint pain' => [20.0, 75.0, Dogs::dog(health: $stiff)];
        yield 'old with joint pain' => [20.0, 75.0, Dogs::dog(ageMonths: 130, health: $stiff)];
        yield 'very young with joint pain' => [15.0, 45.0, Dogs::dog(ageMonths: 3, health: $stiff)];
        yield 'short-nosed' => [30.0, 75.0, Dogs::dog(health: [HealthFact::ShortNosed])];
        yield 'a sick heart' => [60.0, 75.0, Dogs::dog(health: [HealthFact::HeartOrAirway])];
        yield 'an allergy shortens nothing' => [60.0, 180.0, Dogs::dog(health: [HealthFact::SkinAllergy])];
        yield 'a first groom' => [20.0, 180.0, new Dog(12, CoatType::Mixed, false, 40, [], 48, Temperament::Easy, [], firstGroom: true)];
        yield 'as a groomer set it' => [90.0, 75.0, new Dog(12, CoatType::Mixed, false, 40, [], 48, Temperament::Easy, $stiff, standsMinutes: 90.0)];
    }

    public function test_work_is_rested_between_and_not_after(): void
    {
        $standing = new Standing(20, 5);

        self::assertSame([0, 0, 1, 1, 2], array_map($standing->rests(...), [0.0, 20.0, 20.1, 40.0, 41.0]));
    }

    #[DataProvider('slots')]
    public function test_a_slot_holds_the_work_that_its_rests_leave(float $slot, float $work): void
    {
        self::assertEqualsWithDelta($work, (new Standing(20, 5))->workingMinutes($slot), 1e-9);
    }

    /** @return iterable<string, array{float, float}> */
    public static function slots(): iterable
    {
        yield 'nothing' => [0, 0];
        yield 'all of it on its feet' => [18, 18];
        yield 'no time for a rest and work behind it' => [24, 20];
        yield 'one rest' => [30, 25];
        yield 'one rest, both spells full' => [45, 40];
        yield 'the second rest begins to pay' => [55, 45];
        yield 'a long slot' => [180, 145];
    }

    public function test_no_plan_that_fits_its_work_breaks_the_slot_with_the_rests_in_it(): void
    {
        foreach ([15.0, 20.0, 30.0, 60.0] as $stands) {
            $standing = new Standing($stands, 5);
            for ($slot = 5.0; $slot <= 240; $slot += 7.5) {
                $work = $standing->workingMinutes($slot);
                self::assertLessThanOrEqual($slot + 1e-9, $work + 5 * $standing->rests($work), "{$stands} min, slot {$slot}");
            }
        }
    }
}
