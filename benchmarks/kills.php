<?php

declare(strict_types=1);

/**
 * Kills the server without warning while somebody writes, over and over: whatever was acknowledged is still there.
 *
 *   php benchmarks/kills.php [kills]
 */
chdir(dirname(__DIR__));
$kills = (int) ($argv[1] ?? 50);
$database = getcwd().'/.cache/kills.sqlite';
@mkdir('.cache');
array_map(unlink(...), glob("{$database}*") ?: []);
touch($database);
$environment = ['DB_DATABASE' => $database, 'APP_ENV' => 'production'] + getenv();
$run = fn(array $command): int => proc_close(proc_open($command, [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']], $pipes, null, $environment));
$run([PHP_BINARY, 'artisan', 'migrate', '--force']);
$run([PHP_BINARY, 'artisan', 'bench:fill', '40']);
$visit = (new PDO("sqlite:{$database}"))->query('select id from visits where closed_at is null limit 1')->fetchColumn();
$port = 8294;
$serve = function () use ($environment, $port) {
    $server = proc_open(['setsid', PHP_BINARY, '-S', "127.0.0.1:{$port}", '-t', 'public', 'benchmarks/router.php'], [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']], $pipes, null, $environment);
    for ($try = 0; $try < 200 && @fsockopen('127.0.0.1', $port) === false; $try++) {
        usleep(10_000);
    }

    return $server;
};
$curl = curl_init();
curl_setopt_array($curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEFILE => '', CURLOPT_TIMEOUT_MS => 3000]);
$ask = function (string $method, string $path, ?array $body = null) use ($curl, $port): ?string {
    $token = '';
    foreach (curl_getinfo($curl, CURLINFO_COOKIELIST) as $cookie) {
        $parts = explode("\t", $cookie);
        $token = $parts[5] === 'XSRF-TOKEN' ? urldecode($parts[6]) : $token;
    }
    curl_setopt_array($curl, [CURLOPT_URL => "http://127.0.0.1:{$port}{$path}", CURLOPT_CUSTOMREQUEST => $method, CURLOPT_POSTFIELDS => $body === null ? '' : json_encode($body), CURLOPT_HTTPHEADER => ['Accept: application/json', 'Content-Type: application/json', "X-XSRF-TOKEN: {$token}"]]);
    $answer = curl_exec($curl);

    return $answer === false || curl_getinfo($curl, CURLINFO_HTTP_CODE) !== 200 ? null : (string) $answer;
};
$acknowledged = [];
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
        $id = '01J0000000'.strtr(str_pad(strtoupper(base_convert((string) ++$count, 10, 32)), 16, '0', STR_PAD_LEFT), 'ILOU', 'WXYZ');
        $answer = $ask('POST', "/api/visits/{$visit}/marks", ['marks' => [['id' => $id, 'kind' => 'note_written', 'at' => gmdate('Y-m-d\TH:i:s\Z'), 'device' => '01J0000000000000000000DEV0', 'payload' => ['text' => 'x']]]]);
        if ($answer !== null && str_contains($answer, '"taken"')) {
            $acknowledged[] = $id;
        } else {
            $other++;
        }
        if (count($acknowledged) % 4000 === 3999) {
            $visit = (new PDO("sqlite:{$database}"))->query("select id from visits where closed_at is null and id != '{$visit}' limit 1")->fetchColumn() ?: $visit;
        }
    }
    proc_close($helper);
    proc_close($server);
}
$pdo = new PDO("sqlite:{$database}");
$stored = $pdo->query("select id from marks where kind = 'note_written'")->fetchAll(PDO::FETCH_COLUMN);
printf("%d kills: %d acknowledged, missing %d; %d requests had no answer; integrity %s\n", $kills, count($acknowledged), count(array_diff($acknowledged, $stored)), $other, $pdo->query('pragma integrity_check')->fetchColumn());
