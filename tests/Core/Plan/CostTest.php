<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\House\Extra;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\House\PriceList;
use HoundCheck\Core\House\Service;
use HoundCheck\Core\Plan\Choices;
use HoundCheck\Core\Plan\CoatCase;
use HoundCheck\Core\Plan\CoatReport;
use HoundCheck\Core\Plan\Price;
use HoundCheck\Core\Plan\Regrowth;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Dogs;

final class CostTest extends TestCase
{
    /** @param list<Extra> $extras */
    #[DataProvider('prices')]
    public function test_a_price_is_the_base_the_started_quarters_beyond_the_included_minutes_and_extras(
        int $cents,
        int $quarters,
        float $weightKg,
        float $matMinutes,
        array $extras,
    ): void {
        $price = Price::of(new PriceList, $weightKg, $matMinutes, $extras);

        self::assertSame([$cents, $quarters], [$price->totalCents, $price->startedQuarters]);
        self::assertSame($price->totalCents, $price->baseCents + $price->matCents + array_sum($price->extraCents));
    }

    /** @return iterable<string, array{int, int, float, float, list<Extra>}> */
    public static function prices(): iterable
    {
        yield 'a clear small dog' => [4800, 0, 5.0, 0, []];
        yield 'at the end of each class' => [5400, 0, 10.0, 0, []];
        yield 'just over ten kilos' => [6600, 0, 10.1, 0, []];
        yield 'at twenty kilos' => [6600, 0, 20.0, 0, []];
        yield 'just over twenty' => [7800, 0, 20.1, 0, []];
        yield 'at thirty-five kilos' => [7800, 0, 35.0, 0, []];
        yield 'just over thirty-five' => [9600, 0, 35.1, 0, []];
        yield 'just over the class' => [5400, 0, 5.1, 0, []];
        yield 'ten minutes are included' => [7800, 0, 24, 10.0, []];
        yield 'a moment more starts a quarter' => [9000, 1, 24, 10.1, []];
        yield 'exactly one quarter' => [9000, 1, 24, 25.0, []];
        yield 'a second one started' => [10200, 2, 24, 25.1, []];
        yield 'a giant with extras' => [11900, 0, 60, 3, [Extra::MedicatedBath, Extra::Nails]];
    }

    public function test_each_service_has_a_base_of_its_own_and_mats_cost_the_same_in_all(): void
    {
        $of = fn(Service $service, float $matMinutes = 0.0): int => Price::of(new PriceList, 24, $matMinutes, [], $service)->totalCents;

        self::assertSame([7800, 5200, 2500], array_map($of, Service::cases()));
        self::assertSame(5200 + 1200, $of(Service::BathAndBrush, 12.0));
    }

    public function test_a_coat_grows_back_within_a_range_by_its_type_and_a_double_or_a_smooth_coat_gives_none(): void
    {
        $curly = Regrowth::of(CoatType::Curly, 60, 3.2);
        self::assertEqualsWithDelta(56.8 / 15 * 30.4 / 7, $curly?->fewestWeeks, 1e-9);
        self::assertEqualsWithDelta(56.8 / 8 * 30.4 / 7, $curly?->mostWeeks, 1e-9);
        self::assertEqualsWithDelta(20 / 12 * 30.4 / 7, Regrowth::of(CoatType::Wire, 30, 10)?->fewestWeeks, 1e-9);
        self::assertSame(0.0, Regrowth::of(CoatType::Silky, 10, 13)?->mostWeeks);
        self::assertNull(Regrowth::of(CoatType::Double, 60, 25));
        self::assertNull(Regrowth::of(CoatType::Smooth, 20, 10));
    }

    public function test_what_a_client_waits_for_is_the_slowest_place_that_shows_and_no_longer_than_the_wanted_length(): void
    {
        $case = Dogs::case(dog: Dogs::dog(coat: CoatType::Curly, coatMm: 60));
        $weeks = fn(?float $wantedMm, array $byPart = []): ?float => Regrowth::longest(
            CoatReport::of(new CoatCase($case->dog, $case->kit, 90, $case->consent, [], false, $wantedMm, [], $byPart), HouseRules::shop()),
            Choices::fromCodes(['armpit_l' => 'clip:1.5', 'tail' => 'clip:13', 'back' => 'clip:25']),
        )?->mostWeeks;
        $report = CoatReport::of($case, HouseRules::shop());

        self::assertEqualsWithDelta(47 / 8 * 30.4 / 7, $weeks(null), 1e-9);
        self::assertEqualsWithDelta(17 / 8 * 30.4 / 7, $weeks(30), 1e-9);
        self::assertEqualsWithDelta(47 / 8 * 30.4 / 7, $weeks(90), 1e-9, 'no further than what the dog has now');
        self::assertEqualsWithDelta(35 / 8 * 30.4 / 7, $weeks(30, ['tail' => 40, 'body' => 70]), 1e-9, 'the body to what it has now');
        self::assertNull(Regrowth::longest($report, Choices::fromCodes(['armpit_l' => 'clip:1.5', 'back' => 'brush'])));
    }
}
