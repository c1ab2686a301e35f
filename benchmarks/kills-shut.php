<?php

declare(strict_types=1);

use App\Database\Closing;
use Symfony\Component\Process\Process;

/**
 * Kills what shuts a salon or changes its tables, over and over at another moment: a migration, a restore, a move to
 * PostgreSQL. After each the salon is open and holds what it held; done once more, it ends well.
 *
 *   bin/with-postgres php benchmarks/kills-shut.php [kills of each]
 */
chdir(dirname(__DIR__));
require 'vendor/autoload.php';
(require 'bootstrap/app.php')->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();

$kills = (int) ($argv[1] ?? 30);
$folder = sys_get_temp_dir().'/kills-shut-'.bin2hex(random_bytes(6));
mkdir("{$folder}/photos", 0700, true);
register_shutdown_function(fn() => (new Process(['rm', '-rf', $folder]))->run());
$at = fn(string $name): string => "{$folder}/{$name}.sqlite";
$php = fn(string $database, string ...$command): Process => new Process([PHP_BINARY, ...$command], getcwd(), [
    'DB_CONNECTION' => 'sqlite', 'DB_DATABASE' => $database, 'PHOTOS_FOLDER' => "{$folder}/photos",
    'BACKUP_FOLDER' => "{$folder}/backups", 'APP_ENV' => 'production', 'CACHE_STORE' => 'array',
], timeout: 300);
$look = fn(string $database): PDO => new PDO("sqlite:{$database}");
/** What it holds: its tables, and how many rows are in each. */
$held = function (string $database) use ($look): array {
    $pdo = $look($database);
    $tables = $pdo->query("select name, sql from sqlite_master where type in ('table', 'index') order by name")->fetchAll(PDO::FETCH_KEY_PAIR);
    $rows = array_map(
        fn(string $table): int => (int) $pdo->query("select count(*) from \"{$table}\"")->fetchColumn(),
        array_filter(array_keys($tables), fn(string $name): bool => str_starts_with((string) $tables[$name], 'CREATE TABLE')),
    );

    return [$tables, array_values($rows), $pdo->query('pragma integrity_check')->fetchColumn()];
};
/** @return float seconds that it takes when nobody kills it */
$whole = function (Process $process): float {
    $began = microtime(true);
    $process->mustRun();

    return microtime(true) - $began;
};
/** @return bool whether it was still at it */
$killed = function (Process $process, float $seconds): bool {
    $process->start();
    usleep((int) (1_000_000 * $seconds));
    $was = $process->isRunning();
    $was ? $process->signal(SIGKILL) : null;
    $process->wait();

    return $was;
};
$say = fn(string $what, int $cut, array $faults) => printf(
    "%-10s %d kills, %d of them before it was done; faults: %s\n",
    $what,
    $kills,
    $cut,
    $faults === [] ? 'none' : implode('; ', array_unique($faults)),
);

// Migrations, from an empty file on.
touch($at('whole'));
$seconds = $whole($php($at('whole'), 'artisan', 'migrate', '--force'));
$cut = 0;
$faults = [];
for ($kill = 1; $kill <= $kills; $kill++) {
    $database = $at("migrated-{$kill}");
    touch($database);
    $cut += (int) $killed($php($database, 'artisan', 'migrate', '--force'), $seconds * random_int(15, 100) / 100);
    $again = $php($database, 'artisan', 'migrate', '--force');
    if ($again->run() !== 0) {
        $faults[] = 'not migrated at the next start: '.substr(trim($again->getOutput().$again->getErrorOutput()), -300);
    } elseif ($held($database) !== $held($at('whole'))) {
        $faults[] = 'other tables than without the kill';
    }
    array_map(unlink(...), glob("{$database}*") ?: []);
}
$say('migrate', $cut, $faults);

// A restore over a salon in which something was written since.
$database = $at('salon');
touch($database);
$php($database, 'artisan', 'migrate', '--force')->mustRun();
$php($database, 'tests/fixtures/writer.php', 'prepare', '20')->mustRun();
$php($database, 'artisan', 'salon:backup')->mustRun();
[$backup] = glob("{$folder}/backups/*.zip") ?: [''];
$restore = fn(): Process => $php($database, 'artisan', 'salon:restore', $backup, '--yes');
$seconds = $whole($restore());
$written = fn(): int => (int) $look($database)->query("select count(*) from house_log where kind = 'probe'")->fetchColumn();
$cut = 0;
$faults = [];
for ($kill = 1; $kill <= $kills; $kill++) {
    $look($database)->exec("insert into house_log (id, at, kind, about) values ('probe-{$kill}', '2026-06-09 09:00:00', 'probe', '{}')");
    $there = $written();
    $cut += (int) $killed($restore(), $seconds * random_int(10, 100) / 100);
    $php($database, 'artisan', 'migrate', '--force')->mustRun();
    if (! in_array($written(), [0, $there], true)) {
        $faults[] = 'neither what was there nor what was restored';
    }
    if (Closing::of($database)->isClosed() || is_file("{$database}.swapping")) {
        $faults[] = 'still shut';
    }
    if ($held($database)[2] !== 'ok') {
        $faults[] = 'not whole';
    }
}
$restore()->mustRun();
$say('restore', $cut, $faults);

// A move to PostgreSQL: what is here stays as it is. What a killed one left there, and what still writes there, is thrown away by hand.
$empty = fn() => (new PDO('pgsql:host='.getenv('PGHOST').';port='.getenv('PGPORT').';dbname='.getenv('PGDATABASE'), (string) getenv('PGUSER')))
    ->exec('select pg_terminate_backend(pid) from pg_stat_activity where pid <> pg_backend_pid() and datname = current_database();'
        .'drop schema public cascade; create schema public');
$move = fn(): Process => $php($database, 'artisan', 'salon:move', 'pgsql', '--yes');
$seconds = $whole($move());
$before = $held($database);
$cut = 0;
$faults = [];
for ($kill = 1; $kill <= $kills; $kill++) {
    $empty();
    $cut += (int) $killed($move(), $seconds * random_int(10, 100) / 100);
    if (Closing::of($database)->isClosed()) {
        $faults[] = 'still shut';
    }
    if ($held($database) !== $before) {
        $faults[] = 'something here was changed';
    }
}
$empty();
$again = $move();
if ($again->run() !== 0 || ! str_contains($again->getOutput(), 'All of it is in')) {
    $faults[] = 'not moved afterwards: '.trim($again->getOutput().$again->getErrorOutput());
}
$say('move', $cut, $faults);
