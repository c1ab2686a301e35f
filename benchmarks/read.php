<?php

declare(strict_types=1);

/**
 * Serves each database with PHP's own server, one worker, and times requests in turn: bare route, visit, visit again
 * without news, day. Prints milliseconds and ratios.
 */
[, $requests, $small, $large] = $argv;

/** @return array{resource, string, string} server process, base address, visit id */
function serve(string $database, int $port): array
{
    $path = (string) realpath($database);
    $visit = (new PDO("sqlite:{$path}"))
        ->query("select id from visits where stage = 'inspecting' order by arrived_at desc limit 1")
        ->fetchColumn();
    $environment = getenv();
    $environment['DB_DATABASE'] = $path;
    $command = [PHP_BINARY, '-S', "127.0.0.1:{$port}", '-t', 'public', 'benchmarks/router.php'];
    $server = proc_open(
        $command,
        [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']],
        $pipes,
        null,
        $environment,
    );
    for ($try = 0; $try < 100 && @fsockopen('127.0.0.1', $port) === false; $try++) {
        usleep(50_000);
    }

    return [$server, "http://127.0.0.1:{$port}", (string) $visit];
}

function time_of(CurlHandle $curl, string $address): float
{
    curl_setopt($curl, CURLOPT_URL, $address);
    $start = hrtime(true);
    $body = curl_exec($curl);
    $milliseconds = (hrtime(true) - $start) / 1e6;
    if (curl_getinfo($curl, CURLINFO_HTTP_CODE) !== 200) {
        throw new RuntimeException("{$address}: ".substr((string) $body, 0, 300));
    }

    return $milliseconds;
}

/** @param list<float> $times */
function percentile(array $times, float $part): float
{
    sort($times);

    return $times[(int) floor($part * (count($times) - 1))];
}

$p95 = [];
printf("%-9s %-22s %8s %8s %14s\n", 'visits', 'request', 'p50 ms', 'p95 ms', 'p95 / bare');
foreach (['2000' => $small, '200000' => $large] as $name => $database) {
    [$server, $base, $visit] = serve($database, $name === 2000 ? 8291 : 8292);
    $curl = curl_init();
    curl_setopt_array(
        $curl,
        [CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEFILE => '', CURLOPT_HTTPHEADER => ['Accept: application/json']],
    );
    time_of($curl, "{$base}/bench/sign-in");
    $addresses = ['bare' => '/bench/bare', 'inspection' => "/api/visits/{$visit}", 'day' => '/api/day'];
    $times = [];
    for ($round = -20; $round < (int) $requests; $round++) {
        foreach ($addresses as $what => $address) {
            $time = time_of($curl, $base.$address);
            if ($round >= 0) {
                $times[$what][] = $time;
            }
        }
    }
    foreach ($times as $what => $all) {
        $p95[$name][$what] = percentile($all, 0.95);
        printf(
            "%-9s %-22s %8.2f %8.2f %14.2f\n",
            $name,
            $what,
            percentile($all, 0.5),
            $p95[$name][$what],
            $p95[$name][$what] / $p95[$name]['bare'],
        );
    }
    proc_terminate($server);
}
foreach (['inspection', 'day'] as $what) {
    $ratio = ($p95['200000'][$what] / $p95['200000']['bare']) / ($p95['2000'][$what] / $p95['2000']['bare']);
    printf("%s: at 200,000 visits %.2f times that of 2,000 (each against its own bare route)\n", $what, $ratio);
}
