<?php

declare(strict_types=1);

/**
 * Serves the database of the environment with PHP's own server, four workers, and lets 48 devices at it: 40 look at a visit or
 * at the day every few seconds, as the screens do, 8 send a mark as often as a quick hand. Prints milliseconds by what was asked,
 * and the same with nobody else there, then whether anything was lost and whether each visit stands at its last mark.
 */
use HoundCheck\Core\Coat\Section;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

require __DIR__.'/../vendor/autoload.php';
[, $name, $seconds] = $argv;
$app = require __DIR__.'/../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

const ADDRESS = 'http://127.0.0.1:8294';
const READERS = 40;
const WRITERS = 8;
const LOOKS_EVERY_SECONDS = 4.0;
const WRITES_EVERY_SECONDS = 1.5;

$server = proc_open(
    ['setsid', PHP_BINARY, '-S', substr(ADDRESS, 7), '-t', 'public', 'benchmarks/router.php'],
    [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']],
    $pipes,
    null,
    ['PHP_CLI_SERVER_WORKERS' => '4'] + getenv(),
);
register_shutdown_function(fn() => posix_kill(-proc_get_status($server)['pid'], SIGTERM));
for ($try = 0; $try < 100 && @fsockopen('127.0.0.1', 8294) === false; $try++) {
    usleep(50_000);
}

/** A device: a session of its own, one request at a time. */
final class Device
{
    public readonly CurlHandle $curl;

    /** @var array<string, string> what it has seen, by path */
    public array $seen = [];

    public string $asks = '';

    public string $path = '';

    /** @var list<string> ids of what it sent */
    public array $sent = [];

    public function __construct(public string $visit, public readonly bool $writes, public float $due)
    {
        $this->curl = curl_init();
        curl_setopt_array($this->curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEFILE => '', CURLOPT_HEADERFUNCTION => function ($_, string $line): int {
            if (stripos($line, 'etag:') === 0) {
                $this->seen[$this->path] = trim(substr($line, 5));
            }

            return strlen($line);
        }]);
    }

    public function prepare(string $asks, string $path, ?array $body = null): void
    {
        $this->asks = $asks;
        $this->path = $path;
        $token = '';
        foreach (curl_getinfo($this->curl, CURLINFO_COOKIELIST) as $cookie) {
            $parts = explode("\t", $cookie);
            $token = $parts[5] === 'XSRF-TOKEN' ? urldecode($parts[6]) : $token;
        }
        curl_setopt_array($this->curl, [
            CURLOPT_URL => ADDRESS.$path,
            CURLOPT_CUSTOMREQUEST => $body === null ? 'GET' : 'POST',
            CURLOPT_POSTFIELDS => $body === null ? '' : json_encode($body),
            CURLOPT_HTTPHEADER => [
                'Accept: application/json', 'Content-Type: application/json', "X-XSRF-TOKEN: {$token}", 'If-None-Match: '.($this->seen[$path] ?? ''),
            ],
        ]);
    }

    public function ask(string $path, ?array $body = null): string
    {
        $this->prepare('', $path, $body);

        return (string) curl_exec($this->curl);
    }
}

$ulid = fn(): string => (string) Str::ulid();
$now = fn(): string => gmdate('Y-m-d\TH:i:s.000\Z');
$mark = fn(string $kind, array $payload, ?string $section): array => [
    'id' => $ulid(), 'kind' => $kind, 'section' => $section, 'at' => $now(), 'device' => '01J0000000000000000000DEV0', 'payload' => (object) $payload,
];
$sections = array_column(Section::cases(), 'value');

// Eight dogs are here; two tablets share the last one.
$dogs = DB::table('dogs')->whereNotIn('id', DB::table('visits')->whereNull('closed_at')->select('dog_id'))->limit(WRITERS - 1)->pluck('id');
$opener = new Device('', true, 0);
$opener->ask('/bench/sign-in');
$opener->ask('/api/session');
$visits = [];
foreach ($dogs as $dog) {
    $visits[] = $id = $ulid();
    $opener->ask('/api/visits', ['id' => $id, 'markId' => $ulid(), 'dogId' => $dog, 'at' => $now(), 'device' => '01J0000000000000000000DEV0']);
}
$devices = [];
for ($number = 0; $number < READERS + WRITERS; $number++) {
    $writes = $number < WRITERS;
    $device = new Device($visits[min($number % WRITERS, count($visits) - 1)], $writes, 0);
    $device->ask('/bench/sign-in');
    $device->ask('/api/session');
    $devices[] = $device;
}

$next = function (Device $device) use ($mark, $sections, $now): void {
    if ($device->writes) {
        $sent = $mark('comb_checked', ['comb' => 'glides', 'skinLine' => 'clear'], $sections[count($device->sent) % 30]);
        $device->sent[] = $sent['id'];
        $device->prepare('a mark', "/api/visits/{$device->visit}/marks", ['marks' => [$sent], 'sentAt' => $now()]);
    } else {
        $what = random_int(0, 3) === 0 ? 'the day' : 'a visit';
        $device->prepare($what, $what === 'the day' ? '/api/day' : "/api/visits/{$device->visit}");
    }
};

/** @return array<string, list<float>> milliseconds by what was asked */
$run = function (array $devices, float $seconds, float $apart) use ($next): array {
    $times = $failed = [];
    $multi = curl_multi_init();
    $busy = [];
    $bare = new Device('', false, 0);
    $start = microtime(true);
    foreach ($devices as $device) {
        $device->due = $start + $apart * (mt_rand() / mt_getrandmax());
    }
    $devices[] = $bare;
    $bare->due = $start;
    while (($at = microtime(true)) < $start + $seconds || $busy !== []) {
        foreach ($at < $start + $seconds ? $devices : [] as $device) {
            if ($device->due <= $at && ! isset($busy[spl_object_id($device->curl)])) {
                $device === $bare ? $device->prepare('bare route', '/bench/bare') : $next($device);
                $busy[spl_object_id($device->curl)] = [$device, microtime(true)];
                curl_multi_add_handle($multi, $device->curl);
            }
        }
        curl_multi_exec($multi, $running);
        curl_multi_select($multi, 0.005);
        while (($done = curl_multi_info_read($multi)) !== false) {
            [$device, $began] = $busy[spl_object_id($done['handle'])];
            unset($busy[spl_object_id($done['handle'])]);
            curl_multi_remove_handle($multi, $done['handle']);
            $status = curl_getinfo($done['handle'], CURLINFO_HTTP_CODE);
            $isTaken = $device->asks !== 'a mark' || str_contains((string) curl_multi_getcontent($done['handle']), '"taken"');
            if (! in_array($status, [200, 304], true) || ! $isTaken) {
                $failed[] = "{$device->asks}: {$status} ".substr((string) curl_multi_getcontent($done['handle']), 0, 200);
                $device->asks === 'a mark' ? array_pop($device->sent) : null;
            }
            $times[$device->asks][] = (microtime(true) - $began) * 1000;
            $every = $device->writes ? WRITES_EVERY_SECONDS : LOOKS_EVERY_SECONDS;
            $device->due = microtime(true) + ($device === $bare ? 0.25 : $every * (0.5 + mt_rand() / mt_getrandmax()));
        }
    }
    array_map(fn(string $one) => fwrite(STDERR, "   {$one}\n"), array_slice($failed, 0, 5));
    ksort($times);

    return [...$times, 'failed' => $failed];
};

// One writer and one reader: what a request takes with nobody else there.
$alone = $run([$devices[0], $devices[WRITERS]], min(15, (float) $seconds), 0.1);
$full = $run($devices, (float) $seconds, LOOKS_EVERY_SECONDS);

$percentile = function (array $all, float $part): float {
    sort($all);

    return $all[(int) floor($part * (count($all) - 1))];
};
printf("%s, %d devices look, %d write, %d s\n", $name, READERS, WRITERS, $seconds);
printf("%-12s %9s %9s %9s %9s %12s\n", '', 'requests', 'p50 ms', 'p95 ms', 'p50/bare', 'p95/alone');
foreach (['bare route', 'a visit', 'the day', 'a mark'] as $what) {
    printf(
        "%-12s %9d %9.1f %9.1f %9.2f %12.2f\n",
        $what,
        count($full[$what]),
        $percentile($full[$what], 0.5),
        $percentile($full[$what], 0.95),
        $percentile($full[$what], 0.5) / $percentile($full['bare route'], 0.5),
        $percentile($full[$what], 0.95) / $percentile($alone[$what] ?? $full[$what], 0.95),
    );
}
$sent = array_merge(...array_map(fn(Device $device): array => $device->sent, $devices));
$stored = DB::table('marks')->whereIn('visit_id', $visits)->where('kind', 'comb_checked')->pluck('id')->all();
$ofOurs = DB::table('visits')->whereIn('id', $visits)->pluck('last_number', 'id')->all();
$numbers = DB::table('marks')->whereIn('visit_id', $visits)->groupBy('visit_id')
    ->selectRaw('visit_id, max(number) as last')
    ->pluck('last', 'visit_id')->all();
ksort($ofOurs);
ksort($numbers);
printf(
    "%d marks acknowledged, lost %d, stored unasked %d, failed requests %d, every list at its last mark: %s\n\n",
    count($sent),
    count(array_diff($sent, $stored)),
    count(array_diff($stored, $sent)),
    count($alone['failed']) + count($full['failed']),
    array_map(intval(...), $ofOurs) === array_map(intval(...), $numbers) ? 'yes' : 'NO',
);
