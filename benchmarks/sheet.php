<?php

declare(strict_types=1);

use App\Http\Resources\RecordJson;
use App\Models\Visit;
use App\Transfer\Sheets\VisitSheet;
use Illuminate\Contracts\Console\Kernel;

/**
 * The record of a visit as PDF against the record as JSON, on the database of `DB_DATABASE` (the demo's, or one that
 * `bench:fill` made): the heaviest ended visits in turn. Prints milliseconds, the ratio, pages and size.
 *
 * php benchmarks/sheet.php [visits]
 */


require __DIR__.'/../vendor/autoload.php';
$app = require __DIR__.'/../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

$visits = Visit::query()->with('dog.client')->whereNotNull('closed_at')->orderByDesc('mat_load')->limit((int) ($argv[1] ?? 20))->get();
$sheet = $app->make(VisitSheet::class);
$times = ['json' => [], 'pdf' => []];
$pages = $sizes = [];
$sheet->pdf($visits->firstOrFail(), 'en'); // the fonts are read in once
foreach ($visits as $visit) {
    $start = hrtime(true);
    RecordJson::of($visit, 'en');
    $times['json'][] = (hrtime(true) - $start) / 1e6;
    $start = hrtime(true);
    $pdf = $sheet->pdf($visit, 'en');
    $times['pdf'][] = (hrtime(true) - $start) / 1e6;
    $pages[] = preg_match_all('~/Type /Page\b(?!s)~', $pdf);
    $sizes[] = strlen($pdf) / 1024;
}
foreach ($times as $what => $all) {
    sort($all);
    printf("%-5s p50 %7.1f ms   worst %7.1f ms\n", $what, $all[intdiv(count($all), 2)], end($all));
}
printf(
    "pdf / json %.1f   pages %d to %d   %d to %d kB\n",
    array_sum($times['pdf']) / array_sum($times['json']),
    min($pages),
    max($pages),
    min($sizes),
    max($sizes),
);
