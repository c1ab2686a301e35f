<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\Connection;
use Illuminate\Support\Facades\DB;
use LogicException;

/**
 * Whoever reads first and writes later about one thing does so one after the other, until the end of their transaction.
 *
 * SQLite's transactions hold the one write lock from their beginning (`ImmediateSqliteConnection`), so nobody else is there.
 * PostgreSQL lets transactions run side by side: there it is an advisory lock, named for the thing and for the salon. A dog's
 * covers its visits, marks, appointments, links and card, and comes first; clocks follow, in the order of their names, so that
 * two never wait for each other.
 */
final class OneByOne
{
    /** A dog: its card, visits, marks, appointments, plans and links. */
    public static function dog(string $id): void
    {
        self::on("dog {$id}");
    }

    /** A book of the house, such as its rules, a clock, or one client. */
    public static function on(string $what): void
    {
        self::wait('pg_advisory_xact_lock_shared(hashtextextended(current_schema(), 0)), '
            .'pg_advisory_xact_lock(hashtextextended(current_schema() || ?, 0))', ["/{$what}"]);
    }

    /** Everything in this salon at once. */
    public static function everything(): void
    {
        self::wait('pg_advisory_xact_lock(hashtextextended(current_schema(), 0))', []);
    }

    /** @param list<string> $bindings */
    private static function wait(string $for, array $bindings): void
    {
        $connection = DB::connection();
        if (! $connection instanceof Connection || $connection->transactionLevel() === 0) {
            throw new LogicException('It ends with the transaction: begin one first.');
        }
        if ($connection->getDriverName() === 'pgsql') {
            $connection->statement("select {$for}", $bindings);
        }
    }
}
