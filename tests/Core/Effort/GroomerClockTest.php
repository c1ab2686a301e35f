<?php

declare(strict_types=1);

namespace Tests\Core\Effort;

use HoundCheck\Core\Effort\Forecast;
use HoundCheck\Core\Effort\GroomerClock;
use HoundCheck\Core\House\EffortRates;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class GroomerClockTest extends TestCase
{
    public function test_a_groomer_nobody_timed_yet_works_at_the_forecast(): void
    {
        $clock = new GroomerClock;
        $forecast = Forecast::ofSection(10, $clock, new EffortRates);

        self::assertSame([1.0, [0.8, 1.3], null], [$clock->factor(), $clock->range(0.8, 1.3), $clock->off()]);
        self::assertEqualsWithDelta(
            [10, 10, 8, 13],
            [$forecast->plain, $forecast->corrected, $forecast->usualFrom, $forecast->usualTo],
            1e-9,
        );
    }

    public function test_log_ratios_are_averaged_with_five_sections_at_the_forecast(): void
    {
        self::assertEqualsWithDelta(exp(5 * log(2) / 10), (new GroomerClock(5, 5 * log(2)))->factor(), 1e-12);
        self::assertEqualsWithDelta(exp(1000 * log(0.8) / 1005), (new GroomerClock(1000, 1000 * log(0.8)))->factor(), 1e-12);
    }

    public function test_the_range_is_the_one_that_four_of_five_past_ratios_fell_in(): void
    {
        $ratios = array_map(fn(int $step): float => 0.5 + $step / 10, range(0, 10));
        $clock = new GroomerClock(11, array_sum(array_map(log(...), $ratios)), $ratios, [1.0, 1.1, 1.2, 1.3, 1.4]);

        self::assertEqualsWithDelta([0.6, 1.4], $clock->range(0.8, 1.3), 1e-9);
    }

    public function test_of_fewer_than_ten_the_houses_range_is_widened_to_what_was_seen(): void
    {
        $ratios = [1.0, 1.1, 1.2, 1.3, 2.4];
        $clock = new GroomerClock(5, array_sum(array_map(log(...), $ratios)), $ratios, $ratios);
        $factor = $clock->factor();

        self::assertEqualsWithDelta([0.8 * $factor, 2.4], $clock->range(0.8, 1.3), 1e-9);
        self::assertEqualsWithDelta(20 * 2.4, Forecast::ofMany(20, $clock, new EffortRates)->usualTo, 1e-9);
    }

    #[TestWith([5])]
    #[TestWith([7])]
    #[TestWith([9])]
    public function test_four_of_five_of_the_next_fall_in_the_range_of_few(int $few): void
    {
        $random = new Randomizer(new Mt19937(71));
        $part = fn(): float => $random->getInt(1, 1_000_000) / 1_000_001;
        $ratio = fn(): float => exp(0.22 * sqrt(-2 * log($part())) * cos(2 * M_PI * $part()));
        $held = 0;
        for ($groomer = 0; $groomer < 2000; $groomer++) {
            $ratios = array_map(fn(): float => $ratio(), range(1, $few));
            [$from, $to] = (new GroomerClock($few, array_sum(array_map(log(...), $ratios)), $ratios))->range(0.8, 1.3);
            $next = $ratio();
            $held += $next >= $from && $next <= $to ? 1 : 0;
        }

        // By quantiles of so few it were 56 to 65 of 100.
        self::assertGreaterThan(0.75, $held / 2000);
    }

    public function test_the_uncorrected_forecast_is_kept_beside_the_corrected_one_which_lies_in_its_range(): void
    {
        $forecast = Forecast::ofSection(10, new GroomerClock(95, 95 * log(1.5), array_fill(0, 20, 1.1)), new EffortRates);

        self::assertSame(10.0, $forecast->plain);
        self::assertEqualsWithDelta(10 * exp(95 * log(1.5) / 100), $forecast->corrected, 1e-9);
        self::assertGreaterThanOrEqual($forecast->corrected, $forecast->usualTo);
        self::assertLessThanOrEqual($forecast->corrected, $forecast->usualFrom);
    }

    public function test_how_far_forecasts_were_off_is_judged_by_what_was_known_before_each(): void
    {
        $ratios = [1.2, 1.2, 1.2, 1.2, 1.2, 1.2];
        $clock = new GroomerClock(6, 6 * log(1.2), $ratios);
        $known = fn(int $before): float => abs(1.2 / exp($before * log(1.2) / ($before + 5)) - 1);
        $off = array_map($known, range(0, 5));
        sort($off);

        self::assertEqualsWithDelta(($off[2] + $off[3]) / 2, $clock->off(), 1e-9);
    }

    #[DataProvider('ratios')]
    public function test_a_clock_that_was_left_running_is_no_measure_of_the_work(?float $expected, float $forecast, float $minutes): void
    {
        self::assertSame($expected, GroomerClock::ratio($forecast, $minutes));
    }

    /** @return iterable<string, array{float|null, float, float}> */
    public static function ratios(): iterable
    {
        yield 'as forecast' => [1.0, 8, 8];
        yield 'slow' => [6.0, 2, 12];
        yield 'left running over lunch' => [null, 2, 45];
        yield 'started when it was over' => [null, 10, 0.5];
        yield 'nothing was forecast' => [null, 0, 3];
    }
}
