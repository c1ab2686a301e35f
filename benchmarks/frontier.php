<?php

// The frontier of 50 seeded dogs, in plain PHP: php benchmarks/frontier.php
// Typical dogs have 0 to 12 matted sections, the worst 30 at grades 3 and 4 with the full kit. Then how time grows with the
// matted sections and with the cutters. The baseline of each dog is its report (grades, options, totals) in the same run.

declare(strict_types=1);

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\House\Kit;
use HoundCheck\Core\Plan\ClipConsent;
use HoundCheck\Core\Plan\CoatCase;
use HoundCheck\Core\Plan\CoatReport;
use HoundCheck\Core\Plan\Frontier\FrontierSolver;
use HoundCheck\Core\Plan\SectionReading;
use HoundCheck\Core\Plan\SeveralVisits;
use HoundCheck\Core\Plan\VisitLimit;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Dogs;
use Tests\Core\Plan\FrontierDogs;

require __DIR__.'/../vendor/autoload.php';

/** @return array{float, float, int} milliseconds of the frontier and of the report, plans on it; the best of three runs */
function solved(CoatReport $report): array
{
    $best = $base = INF;
    $plans = 0;
    for ($run = 0; $run < 3; $run++) {
        $start = hrtime(true);
        CoatReport::of($report->case, $report->rules);
        $base = min($base, (hrtime(true) - $start) / 1e6);
        $start = hrtime(true);
        $plans = count((new FrontierSolver($report))->feasible()->plans);
        $best = min($best, (hrtime(true) - $start) / 1e6);
    }

    return [$best, $base, $plans];
}

/** @return array{float, float, int} the same of the most coat-keeping plan divided among visits that each hold a part of it */
function divided(int $seed, float $part): array
{
    $report = worst($seed, 480);
    $start = hrtime(true);
    CoatReport::of($report->case, $report->rules);
    $base = (hrtime(true) - $start) / 1e6;
    $plans = (new FrontierSolver($report))->within(null, null)->plans;
    $most = $plans[count($plans) - 1];
    $limit = new VisitLimit($part * $most->tensionMinutes, $part * $most->minutes);
    $start = hrtime(true);
    SeveralVisits::of($report, $plans, $limit, $limit);

    return [(hrtime(true) - $start) / 1e6, $base, count($plans)];
}

/** @param list<array{float, float, int}> $dogs */
function row(string $what, array $dogs): void
{
    $times = array_column($dogs, 0);
    sort($times);
    $ratio = array_sum($times) / array_sum(array_column($dogs, 1));
    printf(
        "%-44s median %6.1f ms, longest %6.1f ms, %5.1f times a report, up to %d plans\n",
        $what,
        $times[intdiv(count($times), 2)],
        end($times),
        $ratio,
        max(array_column($dogs, 2)),
    );
}

function worst(int $seed, int $slot, Kit $kit = new Kit): CoatReport
{
    $random = new Randomizer(new Mt19937($seed));
    $readings = [];
    foreach (Section::cases() as $section) {
        $share = $random->getInt(3, 50) / 100;
        $readings[$section->value] = new SectionReading(
            $random->getInt(0, 1) === 0
                ? Dogs::mat($share, $random->getInt(32, 140) / 10)
                : Dogs::tightMat($share, $random->getInt(32, 140) / 10),
        );
    }
    $dog = Dogs::dog(weightKg: $random->getInt(40, 300) / 10, coatMm: $random->getInt(40, 90));

    return CoatReport::of(new CoatCase($dog, $kit, $slot, ClipConsent::Any, $readings), HouseRules::shop());
}

$typical = [];
for ($seed = 1; $seed <= 50; $seed++) {
    $typical[] = solved(FrontierDogs::report(new Randomizer(new Mt19937($seed)), matted: $seed % 13, slotMinutes: 90));
}
row('50 typical dogs, 0–12 matted', $typical);
foreach ([240, 90, 60, 45] as $slot) {
    row("20 worst dogs, slot {$slot} min", array_map(fn(int $seed): array => solved(worst($seed, $slot)), range(1, 20)));
}
foreach ([0, 5, 10, 15, 20, 25, 30] as $matted) {
    row(
        "10 dogs with {$matted} matted sections, slot 60",
        array_map(fn(int $seed): array => solved(FrontierDogs::report(new Randomizer(new Mt19937($seed)), $matted, 60)), range(1, 10)),
    );
}
foreach ([3, 5, 10, 20] as $cutters) {
    $blades = array_map(fn(int $step): float => round(1.5 + $step * 12 / $cutters, 1), range(0, $cutters - 1));
    row(
        "10 worst dogs, {$cutters} blades, slot 60",
        array_map(fn(int $seed): array => solved(worst($seed, 60, new Kit($blades))), range(1, 10)),
    );
}
// All 30 places opened by hand, over three visits that hold in pulling and in time just a little more than a third each.
foreach ([0.5, 0.4, 0.36, 0.34] as $part) {
    row("20 dogs opened all over, over visits of {$part}", array_map(fn(int $seed): array => divided($seed, $part), range(1, 20)));
}
printf("memory at most %.1f MB\n", memory_get_peak_usage(true) / 1048576);
