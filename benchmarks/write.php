<?php

declare(strict_types=1);

/**
 * Serves a database with PHP's own server, one worker, and sends marks in turn with a bare route: a comb check, a line at
 * the table, a note, and batches of 200 (a whole inspection over and over; a brush-out). Prints milliseconds and ratios.
 */
use HoundCheck\Core\Coat\Section;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/token.php';
[, $rounds, $database] = $argv;
$environment = ['DB_DATABASE' => $database] + getenv();
$server = proc_open(
    [PHP_BINARY, '-S', '127.0.0.1:8293', '-t', 'public', 'benchmarks/router.php'],
    [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']],
    $pipes,
    null,
    $environment,
);
for ($try = 0; $try < 100 && @fsockopen('127.0.0.1', 8293) === false; $try++) {
    usleep(50_000);
}
$curl = curl_init();
curl_setopt_array($curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEFILE => '']);
$count = 0;
$ulid = function () use (&$count): string {
    return '01J0000000'.strtr(str_pad(strtoupper(base_convert((string) ++$count, 10, 32)), 16, '0', STR_PAD_LEFT), 'ILOU', 'WXYZ');
};

/** @return array{float, string} milliseconds, body */
$request = function (string $method, string $path, ?array $body = null, int $expected = 200) use ($curl): array {
    curl_setopt_array($curl, [
        CURLOPT_URL => "http://127.0.0.1:8293{$path}",
        CURLOPT_CUSTOMREQUEST => $method,
        CURLOPT_POSTFIELDS => $body === null ? '' : json_encode($body),
        CURLOPT_HTTPHEADER => ['Accept: application/json', 'Content-Type: application/json', 'X-XSRF-TOKEN: '.token_of($curl)],
    ]);
    $start = hrtime(true);
    $answer = (string) curl_exec($curl);
    $time = (hrtime(true) - $start) / 1e6;
    if (curl_getinfo($curl, CURLINFO_HTTP_CODE) !== $expected || str_contains($answer, '"refused"')) {
        throw new RuntimeException("{$path}: ".curl_getinfo($curl, CURLINFO_HTTP_CODE).' '.substr($answer, 0, 400));
    }

    return [$time, $answer];
};
$now = fn(): string => gmdate('Y-m-d\TH:i:s.000\Z');
$mark = fn(string $kind, array $payload = [], ?string $section = null): array => [
    'id' => $ulid(),
    'kind' => $kind,
    'section' => $section,
    'at' => $now(),
    'device' => '01J0000000000000000000DEV0',
    'payload' => (object) $payload,
];
$clear = ['comb' => 'glides', 'skinLine' => 'clear'];
$sections = array_column(Section::cases(), 'value');

$request('GET', '/bench/sign-in');
$request('GET', '/api/session');
$dogs = (new PDO("sqlite:{$database}"))
    ->query('select id from dogs where id not in (select dog_id from visits where closed_at is null) limit 40')
    ->fetchAll(PDO::FETCH_COLUMN);
$open = function () use ($request, $ulid, $now, &$dogs): string {
    $id = $ulid();
    $request(
        'POST',
        '/api/visits',
        ['id' => $id, 'markId' => $ulid(), 'dogId' => array_pop($dogs), 'at' => $now(), 'device' => '01J0000000000000000000DEV0'],
        201,
    );

    return $id;
};
$send = fn(string $visit, array $marks): float => $request(
    'POST',
    "/api/visits/{$visit}/marks",
    ['marks' => $marks, 'sentAt' => $now()],
)[0];

$times = [];
$visit = $open();
$send($visit, array_map(fn(string $section): array => $mark('comb_checked', $clear, $section), $sections));
for ($round = -10; $round < (int) $rounds; $round++) {
    $section = $sections[($round + 30) % 30];
    $took = [
        'bare route' => $request('GET', '/bench/bare')[0],
        'a row, signed in' => $request('POST', '/bench/one-row', [])[0],
        'a comb check' => $send($visit, [$mark('comb_checked', $clear, $section)]),
        'a note' => $send($visit, [$mark('note_written', ['text' => 'x'])]),
        'a line at the table' => $send($visit, [$mark('line_done', ['line' => 1], $section)]),
    ];
    foreach ($round < 0 ? [] : $took as $what => $time) {
        $times[$what][] = $time;
    }
}
for ($round = 0; $round < 12; $round++) {
    $visit = $open();
    $checks = array_map(
        fn(int $index): array => $mark(
            'comb_checked',
            $index % 7 ? $clear : ['comb' => 'stops', 'skinLine' => 'patchy', 'opens' => 'fingers'],
            $sections[$index % 30],
        ),
        range(0, 199),
    );
    $times['200 comb checks'][] = $send($visit, $checks);
    $table = [];
    foreach ($sections as $section) {
        array_push(
            $table,
            $mark('section_taken', [], $section),
            ...array_map(fn(int $line): array => $mark('line_done', ['line' => $line], $section), range(1, 1)),
        );
        array_push(
            $table,
            $mark('misted', [], $section),
            $mark('table_combed', $clear, $section),
            $mark('note_written', ['text' => 'x']),
            $mark('reacted', ['signal' => 'looks'], $section),
        );
    }
    $times['180 marks at the table'][] = $send($visit, $table);
    $times['a bare route then'][] = $request('GET', '/bench/bare')[0];
}
proc_terminate($server);

$percentile = function (array $all, float $part): float {
    sort($all);

    return $all[(int) floor($part * (count($all) - 1))];
};
$bare = $percentile($times['bare route'], 0.95);
$single = $percentile($times['a comb check'], 0.95);
printf("%-24s %8s %8s %12s %14s\n", 'request', 'p50 ms', 'p95 ms', 'p95 / bare', 'p50 / a check');
foreach ($times as $what => $all) {
    printf(
        "%-24s %8.2f %8.2f %12.2f %14.2f\n",
        $what,
        $percentile($all, 0.5),
        $percentile($all, 0.95),
        $percentile($all, 0.95) / $bare,
        $percentile($all, 0.5) / $percentile($times['a comb check'], 0.5),
    );
}
