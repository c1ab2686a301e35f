<?php

declare(strict_types=1);

/**
 * Serves a database with PHP's own server and sends marks against two baselines of the same run: a bare route, and a row written by
 * somebody signed in. Three visits are worked on mark by mark until each has 630: what the 31st to 90th and the 571st to 630th cost is
 * told apart. The same by four devices at once, each at a dog of its own, against four rows at once. Then batches of 200.
 */
use HoundCheck\Core\Coat\Section;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/token.php';
[, $visits, $database] = $argv;
const DEVICE = '01J0000000000000000000DEV0';
const ADDRESS = 'http://127.0.0.1:8293';
$server = proc_open(
    ['setsid', PHP_BINARY, '-S', substr(ADDRESS, 7), '-t', 'public', 'benchmarks/router.php'],
    [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']],
    $pipes,
    null,
    ['DB_DATABASE' => $database, 'PHP_CLI_SERVER_WORKERS' => '4'] + getenv(),
);
register_shutdown_function(fn() => posix_kill(-proc_get_status($server)['pid'], SIGTERM));
for ($try = 0; $try < 100 && @fsockopen('127.0.0.1', 8293) === false; $try++) {
    usleep(50_000);
}
$count = 0;
$ulid = function () use (&$count): string {
    return '01J0000000'.strtr(str_pad(strtoupper(base_convert((string) ++$count, 10, 32)), 16, '0', STR_PAD_LEFT), 'ILOU', 'WXYZ');
};
$now = fn(): string => gmdate('Y-m-d\TH:i:s.000\Z');
$mark = fn(string $kind, array $payload = [], ?string $section = null): array => [
    'id' => $ulid(),
    'kind' => $kind,
    'section' => $section,
    'at' => $now(),
    'device' => DEVICE,
    'payload' => (object) $payload,
];

$prepare = function (CurlHandle $curl, string $method, string $path, ?array $body): CurlHandle {
    curl_setopt_array($curl, [
        CURLOPT_URL => ADDRESS.$path,
        CURLOPT_CUSTOMREQUEST => $method,
        CURLOPT_POSTFIELDS => $body === null ? '' : json_encode($body),
        CURLOPT_HTTPHEADER => ['Accept: application/json', 'Content-Type: application/json', 'X-XSRF-TOKEN: '.token_of($curl)],
    ]);

    return $curl;
};
$check = function (CurlHandle $curl, string $answer, int $expected): void {
    if (curl_getinfo($curl, CURLINFO_HTTP_CODE) !== $expected || str_contains($answer, '"outcome":"refused"')) {
        $asked = curl_getinfo($curl, CURLINFO_EFFECTIVE_URL).' '.curl_getinfo($curl, CURLINFO_HTTP_CODE);

        throw new RuntimeException($asked.' '.substr($answer, 0, 400));
    }
};

/** @return float milliseconds */
$request = function (
    CurlHandle $curl,
    string $method,
    string $path,
    ?array $body = null,
    int $expected = 200,
) use ($prepare, $check): float {
    $prepare($curl, $method, $path, $body);
    $start = hrtime(true);
    $answer = (string) curl_exec($curl);
    $time = (hrtime(true) - $start) / 1e6;
    $check($curl, $answer, $expected);

    return $time;
};
$atOnce = function (array $sent) use ($prepare, $check): array {
    $multi = curl_multi_init();
    foreach ($sent as [$curl, $path, $body]) {
        curl_multi_add_handle($multi, $prepare($curl, 'POST', $path, $body));
    }
    do {
        curl_multi_exec($multi, $running);
        curl_multi_select($multi, 0.001);
    } while ($running > 0);
    $times = [];
    foreach ($sent as [$curl]) {
        $check($curl, (string) curl_multi_getcontent($curl), 200);
        $times[] = curl_getinfo($curl, CURLINFO_TOTAL_TIME) * 1000;
        curl_multi_remove_handle($multi, $curl);
    }

    return $times;
};
$device = function () use ($request): CurlHandle {
    $curl = curl_init();
    curl_setopt_array($curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEFILE => '']);
    $request($curl, 'GET', '/bench/sign-in');
    $request($curl, 'GET', '/api/session');

    return $curl;
};
$devices = array_map(fn(): CurlHandle => $device(), range(1, 4));
[$curl] = $devices;
$dogs = (new PDO("sqlite:{$database}"))
    ->query('select id from dogs where id not in (select dog_id from visits where closed_at is null) limit 60')
    ->fetchAll(PDO::FETCH_COLUMN);
$open = function () use ($request, $curl, $ulid, $now, &$dogs): string {
    $id = $ulid();
    $arrived = ['id' => $id, 'markId' => $ulid(), 'dogId' => array_pop($dogs), 'at' => $now(), 'device' => DEVICE];
    $request($curl, 'POST', '/api/visits', $arrived, 201);

    return $id;
};

$clear = ['comb' => 'glides', 'skinLine' => 'clear'];
$mat = ['comb' => 'stops', 'skinLine' => 'patchy', 'opens' => 'fingers'];
$sections = array_column(Section::cases(), 'value');
// A rough dog: what a hand enters, the first thirty the inspection, then section by section at the table.
$nth = function (int $number) use ($mark, $sections, $clear, $mat): array {
    if ($number < 30) {
        return $mark('comb_checked', $number % 4 === 0 ? $mat : $clear, $sections[$number]);
    }
    $step = ($number - 30) % 20;
    $section = $sections[intdiv($number - 30, 20) % 30];

    return match (true) {
        $step === 0 => $mark('section_taken', [], $section),
        $step < 15 => $mark('line_done', ['line' => 1], $section),
        $step < 17 => $mark('misted', [], $section),
        $step === 17 => $mark('reacted', ['signal' => 'looks'], $section),
        $step === 18 => $mark('note_written', ['text' => 'Soft brush here.'], $section),
        default => $mark('table_combed', $clear, $section),
    };
};
$sent = fn(array $marks): array => ['marks' => $marks, 'sentAt' => $now()];

$times = ['a bare route' => [], 'a row, signed in' => [], 'a mark, 31st to 90th' => [], 'a mark, 571st to 630th' => []];
for ($visit = 0; $visit < (int) $visits; $visit++) {
    $id = $open();
    for ($number = 0; $number < 630; $number++) {
        $took = $request($curl, 'POST', "/api/visits/{$id}/marks", $sent([$nth($number)]));
        $place = match (true) {
            $number >= 30 && $number < 90 => 'a mark, 31st to 90th',
            $number >= 570 => 'a mark, 571st to 630th',
            default => null,
        };
        if ($place !== null) {
            $times[$place][] = $took;
            $times['a row, signed in'][] = $request($curl, 'POST', '/bench/one-row', []);
            $times['a bare route'][] = $request($curl, 'GET', '/bench/bare');
        }
    }
}
$four = array_map(fn(): string => $open(), $devices);
for ($number = 0; $number < 630; $number++) {
    $took = $atOnce(array_map(
        fn(CurlHandle $one, string $id): array => [$one, "/api/visits/{$id}/marks", $sent([$nth($number)])],
        $devices,
        $four,
    ));
    if ($number >= 30 && $number < 90 || $number >= 570) {
        $place = $number < 90 ? 'four at once, 31st to 90th' : 'four at once, 571st to 630th';
        $rows = $atOnce(array_map(fn(CurlHandle $one): array => [$one, '/bench/one-row', []], $devices));
        $times['four rows at once'] = [...$times['four rows at once'] ?? [], ...$rows];
        $times[$place] = [...$times[$place] ?? [], ...$took];
    }
}
for ($round = 0; $round < 8; $round++) {
    $id = $open();
    $checks = array_map(fn(int $index): array => $mark('comb_checked', $index % 7 ? $clear : $mat, $sections[$index % 30]), range(0, 199));
    $times['200 comb checks'][] = $request($curl, 'POST', "/api/visits/{$id}/marks", $sent($checks));
    $times['200 marks at the table'][] = $request($curl, 'POST', "/api/visits/{$id}/marks", $sent(array_map($nth, range(30, 229))));
}

$percentile = function (array $all, float $part): float {
    sort($all);

    return $all[(int) floor($part * (count($all) - 1))];
};
printf("%-30s %8s %8s\n", 'request', 'p50 ms', 'p95 ms');
foreach ($times as $what => $all) {
    printf("%-30s %8.2f %8.2f\n", $what, $percentile($all, 0.5), $percentile($all, 0.95));
}
$ratio = fn(string $one, string $other): string => sprintf(
    '%s over %s: p50 %.2f, p95 %.2f',
    $one,
    $other,
    $percentile($times[$one], 0.5) / $percentile($times[$other], 0.5),
    $percentile($times[$one], 0.95) / $percentile($times[$other], 0.95),
);
echo implode("\n", [
    '',
    $ratio('a mark, 571st to 630th', 'a mark, 31st to 90th'),
    $ratio('a mark, 571st to 630th', 'a row, signed in'),
    $ratio('four at once, 571st to 630th', 'four at once, 31st to 90th'),
    $ratio('four at once, 571st to 630th', 'four rows at once'),
    $ratio('200 comb checks', 'a mark, 31st to 90th'),
    '',
]);
