<?php

declare(strict_types=1);

namespace App\Salon\Backup;

use App\Database\CannotCopy;
use App\Database\SalonCopy;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Database\Connection;
use Illuminate\Support\Facades\DB;
use SQLite3;

/**
 * The database of the salon that is worked in, as one SQLite file, whichever kind it is: a backup is the same in both, and comes back
 * into both.
 */
final readonly class DatabaseFile
{
    /** Of the file, and of the schema beside the salon's, while they are copied. */
    private const FILE = 'backup_file';

    private const BESIDE = 'backup_beside';

    public function __construct(private Kernel $commands) {}

    /** @throws BackupFailed */
    public function write(string $to): void
    {
        try {
            DB::connection()->getDriverName() === 'pgsql' ? $this->writeFromPostgres($to) : self::writeFromSqlite($to);
        } catch (\SQLite3Exception|\Exception $failure) {
            throw $failure instanceof BackupFailed ? $failure : BackupFailed::cannotWrite($failure);
        }
    }

    /**
     * A verified file in the place of the salon's schema, which stays beside it.
     *
     * @return string what the former schema is called now
     *
     * @throws BackupFailed nothing was changed then
     */
    public function putIntoPostgres(string $file, string $at): string
    {
        $schema = (string) DB::connection()->getConfig('search_path');
        [$beside, $before] = ["{$schema}_restored", "{$schema}_before_{$at}"];
        $quoted = fn(string $name): string => DB::connection()->getQueryGrammar()->wrap($name);
        DB::statement("drop schema if exists {$quoted($beside)} cascade");
        DB::statement("create schema {$quoted($beside)}");
        try {
            $this->copyBeside($file, $beside);
        } catch (CannotCopy $cannot) {
            throw BackupFailed::notWhole($cannot->getMessage());
        } finally {
            DB::purge(self::BESIDE);
            DB::purge(self::FILE);
        }
        DB::transaction(function () use ($quoted, $schema, $beside, $before): void {
            DB::statement("alter schema {$quoted($schema)} rename to {$quoted($before)}");
            DB::statement("alter schema {$quoted($beside)} rename to {$quoted($schema)}");
        });

        return $before;
    }

    /**
     * A schema that was put aside, in its place again.
     *
     * @return string what the one that was there is called now
     *
     * @throws BackupFailed
     */
    public function bringBack(string $stamp, string $at): string
    {
        $schema = (string) DB::connection()->getConfig('search_path');
        [$aside, $before] = ["{$schema}_before_{$stamp}", "{$schema}_before_{$at}"];
        if (DB::scalar('select count(*) from pg_namespace where nspname = ?', [$aside]) === 0) {
            throw BackupFailed::nothingAside($stamp);
        }
        $quoted = fn(string $name): string => DB::connection()->getQueryGrammar()->wrap($name);
        DB::transaction(function () use ($quoted, $schema, $aside, $before): void {
            DB::statement("alter schema {$quoted($schema)} rename to {$quoted($before)}");
            DB::statement("alter schema {$quoted($aside)} rename to {$quoted($schema)}");
        });

        return $before;
    }

    /** @throws CannotCopy */
    private function copyBeside(string $file, string $schema): void
    {
        config(['database.connections.'.self::BESIDE => ['search_path' => $schema] + (array) config('database.connections.pgsql')]);
        $copy = new SalonCopy($this->opened($file), $this->migrated(self::BESIDE));
        $copy->all();
        $differs = $copy->difference();
        if ($differs !== null) {
            throw BackupFailed::notWhole("it is not the same in the database ({$differs})");
        }
    }

    private static function writeFromSqlite(string $to): void
    {
        $from = new SQLite3((string) config('database.connections.sqlite.database'), SQLITE3_OPEN_READWRITE);
        $from->enableExceptions(true);
        $from->busyTimeout(10_000);
        $copy = new SQLite3($to);
        $copy->enableExceptions(true);
        if (! $from->backup($copy)) {
            throw BackupFailed::cannotWrite();
        }
        $copy->exec('PRAGMA journal_mode = DELETE');
        $copy->close();
        $from->close();
    }

    private function writeFromPostgres(string $to): void
    {
        touch($to);
        try {
            $copy = new SalonCopy(DB::connection(), $this->opened($to));
            $copy->all();
        } finally {
            DB::purge(self::FILE);
        }
    }

    /** Brought up to the version that runs here. */
    private function opened(string $file): Connection
    {
        config(['database.connections.'.self::FILE => [
            'driver' => 'sqlite', 'database' => $file, 'prefix' => '', 'foreign_key_constraints' => true, 'journal_mode' => 'delete',
        ]]);

        return $this->migrated(self::FILE);
    }

    private function migrated(string $connection): Connection
    {
        DB::purge($connection);
        $this->commands->call('migrate', ['--force' => true, '--quiet' => true, '--database' => $connection]);

        return DB::connection($connection);
    }
}
