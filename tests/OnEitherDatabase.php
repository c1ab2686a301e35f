<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What tests ask of the database itself, in the words of whichever they run on. */
trait OnEitherDatabase
{
    protected static function isPostgres(): bool
    {
        return DB::connection()->getDriverName() === 'pgsql';
    }

    /** @return list<array<string, mixed>> every row of a table, in an order of its own */
    protected static function rowsOf(string $table): array
    {
        $rows = DB::table($table)->get()->map(fn(\stdClass $row): array => (array) $row)->all();
        usort($rows, fn(array $one, array $other): int => serialize($one) <=> serialize($other));

        return array_values($rows);
    }

    /** @return list<string> every table of the salon */
    protected static function tables(): array
    {
        $schema = self::isPostgres() ? (string) config('database.connections.pgsql.search_path') : 'main';

        return array_values(array_diff(Schema::getTableListing($schema, schemaQualified: false), ['sqlite_sequence']));
    }

    /** From here on every such write to the table fails, until it is mended. */
    protected static function breakWrites(string $event, string $table): void
    {
        if (self::isPostgres()) {
            DB::unprepared("create function fails() returns trigger language plpgsql as $$ begin raise exception 'no'; end $$");
            DB::unprepared("create trigger fails before {$event} on {$table} for each row execute function fails()");
        } else {
            DB::unprepared("create trigger fails before {$event} on {$table} begin select raise(abort, 'no'); end");
        }
    }

    protected static function mendWrites(string $table): void
    {
        DB::unprepared(self::isPostgres() ? "drop trigger fails on {$table}; drop function fails" : 'drop trigger fails');
    }
}
