<?php

declare(strict_types=1);

/*
 * Does the salon's own clock help? Every finished section of the demo's two years is forecast once by the rules alone and
 * once corrected, each time by nothing but what was finished before that day; then both are held against what it took.
 *
 *   php artisan demo:fill --history=storage/app/private/demo-truth.json   (or bin/demo --fresh)
 *   php benchmarks/backtest.php
 */

use App\Models\HouseRulesVersion;
use HoundCheck\Core\Effort\GroomerClock;
use Illuminate\Support\Facades\DB;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/demo.php';

$rates = HouseRulesVersion::current()->toCore()->effort;
$median = function (array $values): float {
    sort($values);

    return $values === [] ? NAN : $values[intdiv(count($values), 2)];
};
$truthFile = dirname(__DIR__).'/storage/app/private/demo-truth.json';
$truth = is_file($truthFile) ? json_decode((string) file_get_contents($truthFile), true)['paces'] : [];
$rows = DB::table('work_times')->join('staff', 'staff.id', '=', 'work_times.staff_id')
    ->where('work', 'table')->orderBy('finished_at')->orderBy('section')
    ->get(['staff.name', 'coat', 'visit_id', 'forecast_minutes', 'minutes', 'log_ratio', 'finished_at']);
if ($rows->isEmpty()) {
    exit("There are no finished sections. Fill the demo with its two years first.\n");
}

$off = ['plain' => [], 'corrected' => []];
$relative = ['plain' => [], 'corrected' => []];
$visits = [];
$inside = $ranged = 0;
printf("%-10s %-7s %8s %9s %9s %9s %9s %7s\n", 'groomer', 'coat', 'sections', 'off plain', 'corrected', 'off plain', 'corrected', 'factor');
printf("%-10s %-7s %8s %9s %9s %9s %9s %7s\n", '', '', '', 'min', 'min', '%', '%', '(truth)');
foreach ($rows->groupBy(fn($row) => "{$row->name}|{$row->coat}") as $key => $times) {
    [$name, $coat] = explode('|', $key);
    $sum = 0.0;
    $count = 0;
    $ratios = [];
    $mine = ['plain' => [], 'corrected' => []];
    $part = ['plain' => [], 'corrected' => []];
    foreach ($times->groupBy(fn($row) => substr($row->finished_at, 0, 10)) as $day) {
        $clock = new GroomerClock($count, $sum, array_reverse(array_slice($ratios, -200)));
        $range = $clock->range($rates->usualLow, $rates->usualHigh);
        foreach ($day as $row) {
            $forecasts = ['plain' => (float) $row->forecast_minutes, 'corrected' => $row->forecast_minutes * $clock->factor()];
            foreach ($forecasts as $which => $forecast) {
                $mine[$which][] = abs($row->minutes - $forecast);
                $part[$which][] = abs($row->minutes / $forecast - 1);
                $visits[$row->visit_id][$which] = ($visits[$row->visit_id][$which] ?? 0.0) + $forecast;
            }
            $visits[$row->visit_id]['minutes'] = ($visits[$row->visit_id]['minutes'] ?? 0.0) + $row->minutes;
            $ranged++;
            $ratio = $row->minutes / $row->forecast_minutes;
            $inside += $ratio >= $range[0] && $ratio <= $range[1] ? 1 : 0;
        }
        foreach ($day as $row) {
            $sum += (float) $row->log_ratio;
            $count++;
            $ratios[] = exp((float) $row->log_ratio);
        }
    }
    foreach ($off as $which => $_) {
        array_push($off[$which], ...$mine[$which]);
        array_push($relative[$which], ...$part[$which]);
    }
    $factor = (new GroomerClock($count, $sum))->factor();
    printf(
        "%-10s %-7s %8d %9.2f %9.2f %8.0f%% %8.0f%% %7s\n",
        $name,
        $coat,
        $count,
        $median($mine['plain']),
        $median($mine['corrected']),
        100 * $median($part['plain']),
        100 * $median($part['corrected']),
        sprintf('%.2f (%s)', $factor, isset($truth[$name][$coat]) ? number_format($truth[$name][$coat], 2) : '?'),
    );
}
$whole = fn(string $which): float => $median(array_map(
    fn(array $visit): float => abs($visit['minutes'] - $visit[$which]),
    array_values($visits),
));
printf(
    "\nAll %d sections: median absolute error %.2f min uncorrected, %.2f min corrected (%.0f %% and %.0f %% of the forecast).\n",
    count($rows),
    $median($off['plain']),
    $median($off['corrected']),
    100 * $median($relative['plain']),
    100 * $median($relative['corrected']),
);
printf(
    "All %d brush-outs: median absolute error %.1f min uncorrected, %.1f min corrected.\n",
    count($visits),
    $whole('plain'),
    $whole('corrected'),
);
printf("The range meant to hold 4 of 5 sections held %.1f %% of %d.\n", 100 * $inside / max(1, $ranged), $ranged);
