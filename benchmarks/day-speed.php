<?php

// A day of 12 dogs and 3 groomers run 500 times with drawn minutes, in plain PHP: php benchmarks/day-speed.php
// The baseline is one run at its medians times 500, in the same run of this script: what drawing adds.

declare(strict_types=1);

use HoundCheck\Core\Day\DayForecast;
use HoundCheck\Core\Day\DayRun;
use HoundCheck\Core\Day\Draws;
use Tests\Core\Day\Days;

require __DIR__.'/../vendor/autoload.php';

const RUNS = 500;

/** @return float milliseconds, the best of seven */
function best(Closure $what): float
{
    $best = INF;
    for ($time = 0; $time < 7; $time++) {
        $start = hrtime(true);
        $what();
        $best = min($best, (hrtime(true) - $start) / 1e6);
    }

    return $best;
}

foreach ([[4, 1], [8, 2], [12, 3], [20, 4]] as [$dogs, $groomers]) {
    $day = Days::drawn(7, $dogs, $groomers);
    $medians = best(function () use ($day): void {
        $run = new DayRun($day);
        for ($number = 0; $number < RUNS; $number++) {
            $run->atMedians();
        }
    });
    $forecast = best(fn() => DayForecast::of($day, new Draws(RUNS, 1)));
    $draws = new Draws(RUNS, 1);
    DayForecast::of($day, $draws);
    $again = best(fn() => DayForecast::of($day, $draws));
    printf(
        "%2d dogs, %d groomers: %6.1f ms, %6.1f ms with the draws at hand, %4.2f times as many runs at their medians\n",
        $dogs,
        $groomers,
        $forecast,
        $again,
        $forecast / $medians,
    );
}
printf("memory at most %.1f MB\n", memory_get_peak_usage(true) / 1024 / 1024);
