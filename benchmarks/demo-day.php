<?php

declare(strict_types=1);

use Illuminate\Support\Str;

/**
 * Times the requests of the demo's day that take longest, in turn with a bare route: benchmarks/demo-day.sh [rounds].
 * Two photos are sent once in ten rounds: one as the screens send it, and one of 24 megapixels.
 */
require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/token.php';

$rounds = (int) ($argv[1] ?? 30);
$port = 8296;
$server = proc_open(
    [
        'setsid', PHP_BINARY, '-d', 'upload_max_filesize=40M', '-d', 'post_max_size=44M',
        '-S', "127.0.0.1:{$port}", '-t', 'public', 'benchmarks/router.php',
    ],
    [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']],
    $pipes,
    null,
    ['PHP_INI_SCAN_DIR' => ':'.getcwd().'/bin/php.d'] + getenv(),
);
register_shutdown_function(fn() => proc_terminate($server, SIGKILL));
for ($try = 0; $try < 100 && @fsockopen('127.0.0.1', $port) === false; $try++) {
    usleep(50_000);
}
$curl = curl_init();
curl_setopt_array($curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEFILE => '']);
$ask = function (string $address, ?array $form = null) use ($curl, $port): array {
    curl_setopt_array($curl, [
        CURLOPT_URL => "http://127.0.0.1:{$port}{$address}",
        // PHP's own server does not answer `Expect`, and curl would wait a second for it.
        CURLOPT_HTTPHEADER => ['Accept: application/json', 'Expect:', 'X-XSRF-TOKEN: '.token_of($curl)],
    ] + ($form === null ? [CURLOPT_HTTPGET => true] : [CURLOPT_POST => true, CURLOPT_POSTFIELDS => $form]));
    $start = hrtime(true);
    $body = (string) curl_exec($curl);
    $milliseconds = (hrtime(true) - $start) / 1e6;
    if (curl_getinfo($curl, CURLINFO_HTTP_CODE) >= 300) {
        throw new RuntimeException("{$address}: ".substr($body, 0, 300));
    }

    return [$milliseconds, json_decode($body, true)];
};
$ask('/bench/sign-in');
$visits = (new PDO('sqlite:'.getenv('DB_DATABASE')))
    ->query("select id from visits where day = (select max(day) from visits) and stage not in ('collected', 'stopped') order by id")
    ->fetchAll(PDO::FETCH_COLUMN);
$addresses = [
    'bare route' => '/bench/bare',
    'days, a fortnight' => '/api/days?days=14',
    'day\'s forecast' => '/api/day/forecast',
    'day\'s advice' => '/api/day/advice',
];
foreach ($visits as $number => $visit) {
    $addresses['promise of dog '.($number + 1)] = "/api/visits/{$visit}/promise";
}

// Noise compresses as little as a coat does. The screens make a photo smaller before they send it; another program may not.
$files = [];
foreach ([[2048, 1365], [6000, 4000]] as [$width, $height]) {
    $picture = imagecreatetruecolor($width, $height);
    for ($y = 0; $y < $height; $y += 10) {
        for ($x = 0; $x < $width; $x += 10) {
            imagefilledrectangle($picture, $x, $y, $x + 9, $y + 9, random_int(0, 0xFFFFFF));
        }
    }
    $file = (string) tempnam(sys_get_temp_dir(), 'photo');
    imagejpeg($picture, $file, 85);
    $files[sprintf('photo, %d MP, %.1f MB', round($width * $height / 1e6), filesize($file) / 1e6)] = $file;
}

$times = [];
for ($round = -2; $round < $rounds; $round++) {
    foreach ($addresses as $what => $address) {
        [$time] = $ask($address);
        $round < 0 ?: $times[$what][] = $time;
    }
    foreach ($round >= 0 && $round % 10 === 0 ? $files : [] as $what => $file) {
        [$times[$what][]] = $ask("/api/visits/{$visits[0]}/photos", [
            'id' => (string) Str::ulid(), 'at' => gmdate('Y-m-d\TH:i:s\Z'), 'device' => '01J0000000000000000000DEV0',
            'moment' => 'before', 'picture' => new CURLFile($file, 'image/jpeg', 'photo.jpg'),
        ]);
    }
}
array_map(unlink(...), $files);
$at = function (array $times, float $part): float {
    sort($times);

    return $times[(int) floor($part * (count($times) - 1))];
};
$bare = $at($times['bare route'], 0.5);
printf("%-26s %8s %8s %10s\n", 'request', 'p50 ms', 'p95 ms', 'p50 / bare');
foreach ($times as $what => $measured) {
    printf("%-26s %8.1f %8.1f %10.1f\n", $what, $at($measured, 0.5), $at($measured, 0.95), $at($measured, 0.5) / $bare);
}
