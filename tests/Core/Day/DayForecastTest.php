<?php

declare(strict_types=1);

namespace Tests\Core\Day;

use HoundCheck\Core\Day\DayForecast;
use HoundCheck\Core\Day\DayRun;
use HoundCheck\Core\Day\DrawnMinutes;
use HoundCheck\Core\Day\Draws;
use HoundCheck\Core\Day\PlannedDay;
use HoundCheck\Core\Day\ReadyAt;
use HoundCheck\Core\House\DayRules;
use PHPUnit\Framework\TestCase;

final class DayForecastTest extends TestCase
{
    public function test_one_step_is_log_normal_around_its_median(): void
    {
        $day = Days::day([Days::dog('a', ['brush' => 60], promised: 600, spread: 0.25)]);
        $ready = DayForecast::of($day, new Draws(4000, 1))->ready['a'];

        // exp(±1.2816 σ) around 60 minutes, from 540; a promise at the median holds in half of the runs.
        self::assertEqualsWithDelta(540 + 60 * exp(-1.2816 * 0.25), $ready->early, 1.0);
        self::assertEqualsWithDelta(600, $ready->likely, 1.0);
        self::assertEqualsWithDelta(540 + 60 * exp(1.2816 * 0.25), $ready->late, 1.5);
        self::assertEqualsWithDelta(0.5, $ready->chance, 0.025);
        self::assertSame(0.0, $ready->notToday);
    }

    public function test_without_spread_every_run_is_the_run_at_the_medians(): void
    {
        $drawn = Days::drawn(5, 6, 2);
        $day = $drawn->withDogs(array_map(fn($dog) => Days::dog(
            $dog->id,
            array_combine(array_map(fn($step) => $step->step->value, $dog->steps), array_map(fn($step) => $step->minutes, $dog->steps)),
            $dog->arrives,
            $dog->promised,
            $dog->groomer,
            0.0,
        ), $drawn->dogs));
        $ready = (new DayRun($day))->atMedians()->ready;

        foreach (array_values(DayForecast::of($day, new Draws(20, 3))->ready) as $place => $one) {
            self::assertSame([$ready[$place], $ready[$place]], [$one->early, $one->late]);
        }
    }

    public function test_the_same_seed_draws_the_same_day_and_another_seed_another(): void
    {
        $day = Days::drawn(9, 6, 2);
        $of = fn(int $seed): DayForecast => DayForecast::of($day, new Draws(50, $seed));

        self::assertEquals($of(1), $of(1));
        self::assertNotEquals($of(1), $of(2));
    }

    public function test_one_dog_more_draws_nothing_anew_for_the_others(): void
    {
        $draws = new Draws(50, 1);
        $alone = [Days::dog('a', ['brush' => 60], promised: 600)];
        $later = [...$alone, Days::dog('b', ['brush' => 60], arrives: 900)];

        self::assertEquals(DayForecast::of(Days::day($alone), $draws)->ready['a'], DayForecast::of(Days::day($later), $draws)->ready['a']);
    }

    public function test_a_dog_that_cannot_be_begun_keeps_no_promise_and_has_no_time(): void
    {
        $day = Days::day([Days::dog('a', ['brush' => 600], promised: 1200), Days::dog('b', ['brush' => 30], promised: 1300)], until: 600);
        $forecast = DayForecast::of($day, new Draws(100, 1));

        self::assertSame([null, null, 0.0, 1.0], [$forecast->ready['b']->early, $forecast->ready['b']->late, $forecast->ready['b']->chance, $forecast->ready['b']->notToday]);
        self::assertSame(0.0, $forecast->allHold);
        self::assertSame(0.0, $forecast->weakest());
    }

    public function test_nothing_promised_nothing_to_break(): void
    {
        $forecast = DayForecast::of(Days::day([Days::dog('a', ['brush' => 60])]), new Draws(50, 1));

        self::assertSame([null, 1.0, 1.0], [$forecast->ready['a']->chance, $forecast->allHold, $forecast->weakest()]);
    }

    public function test_ten_hairs_lie_between_the_ends_of_the_runs_in_order(): void
    {
        $ready = ReadyAt::of(array_map(floatval(...), range(0, 99)), 49.0);

        self::assertSame([5.0, 15.0, 25.0, 35.0, 45.0, 54.0, 64.0, 74.0, 84.0, 94.0], $ready->tenths);
        self::assertSame(0.5, $ready->chance);
    }

    /** One day may go worse by chance of the order in which dogs are taken; over many it must not. */
    public function test_one_more_dryer_never_makes_the_wait_for_the_dryer_worse_at_the_median(): void
    {
        foreach (range(1, 25) as $seed) {
            $day = Days::drawn($seed, 8, 3);
            self::assertLessThanOrEqual(
                DayForecast::of($day, new Draws(100, 1))->bottleneck['dryer'],
                DayForecast::of($day->withDryers(2), new Draws(100, 1))->bottleneck['dryer'],
                "seed {$seed}",
            );
            self::assertLessThanOrEqual(self::medianWait($day), self::medianWait($day->withDryers(2)), "seed {$seed}");
        }
    }

    private static function medianWait(PlannedDay $day): float
    {
        $run = new DayRun($day);
        $drawn = new DrawnMinutes($day, new Draws(100, 1));
        $waits = [];
        for ($number = 0; $number < 100; $number++) {
            $waits[] = $run->with($drawn->of($number))->waited[3];
        }
        sort($waits);

        return $waits[50];
    }

    public function test_promises_lie_on_the_marks_of_the_clock_and_hold_more_often_the_later_they_are(): void
    {
        $ready = ReadyAt::of(array_map(fn(int $run): float => 600.0 + $run, range(0, 99)), null);
        $promises = $ready->promises(590.0, new DayRules);

        self::assertSame([600.0, 615.0, 630.0], array_slice(array_column($promises, 0), 0, 3), 'none before the dog can come');
        self::assertSame(0.01, $promises[0][1]);
        self::assertSame(0.31, $promises[2][1]);
        self::assertSame(1.0, $promises[count($promises) - 1][1]);
        $chances = array_column($promises, 1);
        $rising = $chances;
        sort($rising);
        self::assertSame($rising, $chances);
        self::assertSame([], array_filter(array_column(ReadyAt::of([INF, INF], null)->promises(600.0, new DayRules), 1)), 'never ready, never sure');
    }
}
