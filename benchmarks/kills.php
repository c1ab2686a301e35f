<?php

declare(strict_types=1);

use HoundCheck\Core\Coat\Section;

/**
 * Kills the server without warning while somebody writes, over and over: whatever was acknowledged is still there, a
 * batch is there whole or not at all, and the lists are what the marks say.
 *
 *   php benchmarks/kills.php [kills]
 */
chdir(dirname(__DIR__));
require 'vendor/autoload.php';
require __DIR__.'/token.php';

$kills = (int) ($argv[1] ?? 50);
$database = getcwd().'/.cache/kills.sqlite';
@mkdir('.cache');
array_map(unlink(...), glob("{$database}*") ?: []);
touch($database);
$environment = ['DB_DATABASE' => $database, 'APP_ENV' => 'production'] + getenv();
$run = fn(array $command): int => proc_close(proc_open(
    $command,
    [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']],
    $pipes,
    null,
    $environment,
));
$run([PHP_BINARY, 'artisan', 'migrate', '--force']);
$run([PHP_BINARY, 'tests/fixtures/writer.php', 'prepare', '40']);
$visits = (new PDO("sqlite:{$database}"))->query('select id from visits order by id')->fetchAll(PDO::FETCH_COLUMN);
$sections = array_column(Section::cases(), 'value');
$ulid = fn(int $number): string => '01J0000000'.strtr(
    str_pad(strtoupper(base_convert((string) $number, 10, 32)), 16, '0', STR_PAD_LEFT),
    'ILOU',
    'WXYZ',
);
$mark = fn(int $number, string $kind, array $payload, ?string $section = null): array => [
    'id' => $ulid($number), 'kind' => $kind, 'section' => $section, 'at' => gmdate('Y-m-d\TH:i:s\Z'), 'device' => '01J0000000000000000000DEV0', 'payload' => $payload,
];
$port = 8294;
$serve = function () use ($environment, $port) {
    $server = proc_open(
        ['setsid', PHP_BINARY, '-S', "127.0.0.1:{$port}", '-t', 'public', 'benchmarks/router.php'],
        [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']],
        $pipes,
        null,
        $environment,
    );
    for ($try = 0; $try < 200 && @fsockopen('127.0.0.1', $port) === false; $try++) {
        usleep(10_000);
    }

    return $server;
};
$curl = curl_init();
curl_setopt_array($curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEFILE => '', CURLOPT_TIMEOUT_MS => 3000]);
$ask = function (string $method, string $path, ?array $body = null) use ($curl, $port): ?string {
    curl_setopt_array(
        $curl,
        [
            CURLOPT_URL => "http://127.0.0.1:{$port}{$path}",
            CURLOPT_CUSTOMREQUEST => $method,
            CURLOPT_POSTFIELDS => $body === null ? '' : json_encode($body),
            CURLOPT_HTTPHEADER => ['Accept: application/json', 'Content-Type: application/json', 'X-XSRF-TOKEN: '.token_of($curl)],
        ],
    );
    $answer = curl_exec($curl);

    return $answer === false || curl_getinfo($curl, CURLINFO_HTTP_CODE) !== 200 ? null : (string) $answer;
};
$acknowledged = $sent = [];
$count = 0;
$other = 0;
for ($kill = 0; $kill < $kills; $kill++) {
    $server = $serve();
    $pid = proc_get_status($server)['pid'];
    // A session that was being written when the server died is gone with it.
    $ask('GET', '/bench/sign-in');
    $ask('GET', '/api/session');
    // A helper kills it somewhere in the middle of what follows.
    $helper = proc_open(['sh', '-c', sprintf('sleep %.3f; kill -9 -%d', random_int(100, 600) / 1000, $pid)], [], $pipes);
    while (proc_get_status($helper)['running']) {
        $section = $sections[random_int(0, count($sections) - 1)];
        $marks = [
            $mark(
                ++$count,
                'comb_checked',
                random_int(0, 1)
                    ? ['comb' => 'glides', 'skinLine' => 'clear']
                    : ['comb' => 'stops', 'skinLine' => 'patchy', 'mattedShare' => 0.3],
                $section,
            ),
            $mark(++$count, 'finding_noted', ['kind' => 'redness'], $section),
            $mark(++$count, 'arrival_answered', ['weightKg' => random_int(4, 40)]),
        ];
        $sent[] = $ids = array_column($marks, 'id');
        $answer = $ask('POST', "/api/visits/{$visits[random_int(0, count($visits) - 1)]}/marks", ['marks' => $marks]);
        if ($answer !== null && substr_count($answer, '"taken"') === count($marks)) {
            array_push($acknowledged, ...$ids);
        } else {
            $other++;
        }
    }
    proc_close($helper);
    proc_close($server);
}
$pdo = new PDO("sqlite:{$database}");
$stored = array_flip($pdo->query("select id from marks where kind != 'arrived'")->fetchAll(PDO::FETCH_COLUMN));
$halves = array_filter(
    $sent,
    fn(array $batch): bool => ! in_array(count(array_intersect_key(array_flip($batch), $stored)), [0, count($batch)], true),
);
$lists = fn(): array => array_map(
    fn(string $table): array => $pdo->query("select * from {$table} order by 1, 2")->fetchAll(PDO::FETCH_ASSOC),
    ['visits', 'findings', 'grade_differences', 'work_times'],
);
$before = $lists();
$rebuilt = $run([PHP_BINARY, 'artisan', 'visits:rebuild', '--quiet']);
printf(
    "%d kills: %d marks acknowledged, missing %d; %d batches sent, %d half there, %d without an answer; integrity %s; lists equal to a rebuild: %s\n",
    $kills,
    count($acknowledged),
    count(array_diff_key(array_flip($acknowledged), $stored)),
    count($sent),
    count($halves),
    $other,
    $pdo->query('pragma integrity_check')->fetchColumn(),
    $rebuilt === 0 && $before === $lists() ? 'yes' : 'NO',
);
