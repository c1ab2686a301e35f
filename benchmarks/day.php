<?php

declare(strict_types=1);

/*
 * Is what is said of a day true? The demo's past visits are put together to days of six to nine dogs in the order in which they
 * came, each booked and promised by what was known before it; how long each step took is what its marks say. What was said at
 * opening, at noon and an hour before a dog was ready is held against what came of it.
 * Baseline of the same run: the naive sum of forecasts, as if nobody kept a dog waiting.
 *
 *   bin/demo --fresh
 *   php benchmarks/day.php [rounds] [seed]
 */

use HoundCheck\Core\Day\DayForecast;
use HoundCheck\Core\Day\DayOutcome;
use HoundCheck\Core\Day\DayRun;
use HoundCheck\Core\Day\Draws;
use HoundCheck\Core\Day\OnDuty;
use HoundCheck\Core\Day\PlannedDay;
use HoundCheck\Core\Day\PlannedDog;
use HoundCheck\Core\Day\PlannedStep;
use HoundCheck\Core\Day\Step;
use HoundCheck\Core\House\HouseRules;
use Random\Engine\Mt19937;
use Random\Randomizer;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/PastDays.php';
require __DIR__.'/demo.php';

const OPENS = 540.0;
const NOON = 720.0;
const SHUTS = 1260.0;
const RUNS = 500;

$house = HouseRules::shop();
$visits = (new PastDays($house))->visits();
if (count($visits) < 50) {
    exit("There are no past visits to look at. Run bin/demo --fresh first.\n");
}
$random = new Randomizer(new Mt19937((int) ($argv[2] ?? 1)));

/** What is left of a dog at a minute, by what is known then; null: nothing. */
function left(PlannedDog $dog, array $visit, array $took, int $place, DayOutcome $truth, float $now): ?PlannedDog
{
    $done = 0;
    $since = null;
    foreach ($truth->starts as [$at, , $of, $step]) {
        if ($of === $place && $at <= $now) {
            $ended = $at + $took[$step] <= $now;
            $done = $ended ? $step + 1 : $step;
            $since = $ended ? null : $at;
        }
    }
    // An answer begins by itself when the inspection ends.
    if ($done === 1 && $since === null) {
        $began = array_filter($truth->starts, fn(array $start): bool => $start[2] === $place && $start[3] === 0);
        $asked = array_values($began)[0][0] + $took[0];
        $done = $asked + $took[1] <= $now ? 2 : 1;
    }
    $steps = [];
    foreach (array_slice($dog->steps, $done) as $index => $step) {
        // Once it is inspected the plan is known, and its minutes are no guess any more.
        $minutes = $step->step === Step::Brush && $done > 0 ? $visit['planned'] : $step->minutes;
        $spread = $done > 1 ? $visit['spread']($step->step) : $step->spread;
        if ($index === 0 && $since !== null) {
            // Of these the marks tell how far they are; of the others only how long they have been going on.
            $told = in_array($step->step, [Step::Inspect, Step::Brush, Step::Dry, Step::Check], true);
            $minutes = max(1.0, $told ? $minutes * (1 - ($now - $since) / $took[$done]) : $minutes - ($now - $since));
        }
        $steps[] = new PlannedStep($step->step, $minutes, $spread);
    }
    $groomer = $dog->groomer;

    return $steps === [] ? null : new PlannedDog($dog->id, max($dog->arrives, $now), $dog->promised, $groomer, $steps, $since !== null);
}

/** @param list<float> $values */
function middle(array $values): float
{
    sort($values);

    return $values === [] ? NAN : $values[intdiv(count($values), 2)];
}

$bands = ['opening' => [], 'noon' => [], 'an hour before' => []];
$off = ['opening' => [[], []], 'noon' => [[], []], 'an hour before' => [[], []]];
$days = 0;

/** Holds what was said against what came. */
$score = function (string $when, PlannedDay $day, DayForecast $said, array $ready) use (&$bands, &$off): void {
    foreach ($day->dogs as $dog) {
        $at = $ready[$dog->id];
        $saidAt = $said->ready[$dog->id];
        if ($dog->promised !== null && $saidAt->chance !== null) {
            $bands[$when][min(9, (int) floor(10 * $saidAt->chance))][] = [$saidAt->chance, $at !== null && $at <= $dog->promised + 1e-6];
        }
        if ($at !== null) {
            $off[$when][0][] = abs(($saidAt->likely ?? SHUTS) - $at);
            $off[$when][1][] = abs(max($dog->arrives, $day->start) + $dog->minutesLeft() - $at);
        }
    }
};

for ($round = 0; $round < (int) ($argv[1] ?? 3); $round++) {
    for ($from = $random->getInt(0, 5); $from < count($visits);) {
        $some = array_slice($visits, $from, $random->getInt(6, 9));
        $from += count($some);
        $days++;
        $groomers = array_values(array_unique(array_column($some, 'groomer')));
        $free = array_fill_keys($groomers, OPENS);
        $dogs = [];
        foreach ($some as $visit) {
            // One after the other for each groomer, on the half hour, a little closer than their minutes add up.
            $arrives = 30 * round($free[$visit['groomer']] / 30);
            $dogs[] = new PlannedDog($visit['id'], $arrives, null, $visit['groomer'], $visit['said']);
            $free[$visit['groomer']] += 0.8 * array_sum(array_map(fn(PlannedStep $step): float => $step->minutes, $visit['said']));
        }
        $onDuty = array_map(fn(string $id): OnDuty => new OnDuty($id, OPENS, SHUTS), $groomers);
        $day = new PlannedDay(OPENS, $house->day->tables, $house->day->tubs, $house->day->dryers, $onDuty, $dogs);
        $draws = new Draws(RUNS, 1);
        $first = DayForecast::of($day, $draws);
        // Some promises are safe, some are what the client wished: all chances are wanted.
        $promised = array_map(function (PlannedDog $dog) use ($first, $random): PlannedDog {
            $at = $first->ready[$dog->id]->at($random->getInt(5, 98) / 100);

            return $dog->promisedAt($at === null ? null : 15 * ceil($at / 15));
        }, $dogs);
        $day = $day->withDogs($promised);
        $took = array_column($some, 'took');
        $truth = (new DayRun($day))->with($took);
        $ready = array_combine(array_column($some, 'id'), $truth->ready);
        $score('opening', $day, DayForecast::of($day, $draws), $ready);

        $at = function (float $now) use ($day, $some, $took, $truth): PlannedDay {
            $left = array_map(fn(int $place): ?PlannedDog => left($day->dogs[$place], $some[$place], $took[$place], $place, $truth, $now), array_keys($day->dogs));

            return (new PlannedDay($now, $day->tables, $day->tubs, $day->dryers, $day->groomers, array_values(array_filter($left))));
        };
        $noon = $at(NOON);
        $score('noon', $noon, DayForecast::of($noon, $draws), $ready);
        foreach ($ready as $id => $minute) {
            if ($minute !== null && $minute - 60 > OPENS) {
                $then = $at($minute - 60);
                $said = DayForecast::of($then, $draws);
                $alone = array_values(array_filter($then->dogs, fn(PlannedDog $dog): bool => $dog->id === $id));
                $score('an hour before', $then->withDogs($alone), $said, $ready);
            }
        }
    }
}

printf("%d visits in %d days\n\n", count($visits), $days);
foreach ($bands as $when => $of) {
    ksort($of);
    printf("said %s: chance said, share held, promises\n", $when);
    $worst = 0.0;
    foreach ($of as $band => $promises) {
        $said = array_sum(array_column($promises, 0)) / count($promises);
        $held = count(array_filter(array_column($promises, 1))) / count($promises);
        $worst = count($promises) > 100 ? max($worst, abs($said - $held)) : $worst;
        $few = count($promises) > 100 ? '' : '  (few)';
        printf("  %3d-%3d %%  %5.1f %%  %5.1f %%  %5d%s\n", 10 * $band, 10 * $band + 10, 100 * $said, 100 * $held, count($promises), $few);
    }
    printf("  furthest off in a band with over 100: %.1f points (asked: 5)\n", 100 * $worst);
    [$ours, $naive] = array_map(middle(...), $off[$when]);
    printf("  ready-at off by %.1f min in the middle, the naive sum by %.1f: %.2f times\n\n", $ours, $naive, $ours / $naive);
}
