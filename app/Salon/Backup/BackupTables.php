<?php

declare(strict_types=1);

namespace App\Salon\Backup;

use SQLite3;

/** Tables of a salon's database file: how many rows, and whether two files hold the same. */
final class BackupTables
{
    /** Made anew whenever they are asked for. */
    private const KEPT_ANSWERS = ['visit_answers', 'dog_memories', 'cache', 'cache_locks'];

    /** @return array<string, int> rows by table */
    public static function counts(string $file): array
    {
        $database = self::open($file);
        $counts = [];
        foreach (self::tables($database) as $table) {
            $counts[$table] = (int) $database->querySingle("select count(*) from \"{$table}\"");
        }
        $database->close();

        return $counts;
    }

    /** @return list<string> what SQLite finds wrong with a file; empty: nothing */
    public static function faults(string $file): array
    {
        $database = self::open($file);
        $faults = [];
        foreach (['pragma integrity_check' => 'ok', 'pragma foreign_key_check' => null] as $check => $well) {
            $rows = $database->query($check);
            while ($rows !== false && ($row = $rows->fetchArray(SQLITE3_NUM)) !== false) {
                if ($row[0] !== $well) {
                    $faults[] = (string) $row[0];
                }
            }
        }
        $database->close();

        return $faults;
    }

    /** @return list<string> migrations that it has seen */
    public static function migrations(string $file): array
    {
        $database = self::open($file);
        $rows = $database->query('select migration from migrations order by id');
        $names = [];
        while ($rows !== false && ($row = $rows->fetchArray(SQLITE3_NUM)) !== false) {
            $names[] = (string) $row[0];
        }
        $database->close();

        return $names;
    }

    /** @return string|null the first table in which two files differ; null: they hold the same */
    public static function difference(string $one, string $other): ?string
    {
        $database = self::open($one);
        $attach = $database->prepare('attach ? as other');
        $attach === false ?: $attach->bindValue(1, $other);
        $attach === false ?: $attach->execute();
        $differs = null;
        foreach (array_diff(self::tables($database), self::KEPT_ANSWERS) as $table) {
            $more = fn(string $from, string $than): int => (int) $database->querySingle(
                "select count(*) from (select * from {$from}.\"{$table}\" except select * from {$than}.\"{$table}\")",
            );
            if ($more('main', 'other') > 0 || $more('other', 'main') > 0) {
                $differs = $table;

                break;
            }
        }
        $database->close();

        return $differs;
    }

    private static function open(string $file): SQLite3
    {
        $database = new SQLite3($file);
        $database->enableExceptions(true);

        return $database;
    }

    /** @return list<string> */
    private static function tables(SQLite3 $database): array
    {
        $rows = $database->query(<<<'SQL'
            select name from sqlite_master
            where type = 'table' and name not like 'sqlite_%' and sql not like 'create virtual%' collate nocase
            order by name
            SQL);
        $tables = [];
        while ($rows !== false && ($row = $rows->fetchArray(SQLITE3_NUM)) !== false) {
            $tables[] = (string) $row[0];
        }

        return $tables;
    }
}
