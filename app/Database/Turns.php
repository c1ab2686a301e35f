<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\Connection;
use Illuminate\Support\Facades\DB;
use LogicException;

/**
 * Whoever reads first and writes later of one thing does so one after the other, until the end of their transaction.
 *
 * SQLite's transactions hold the one write lock from their beginning (`ImmediateSqliteConnection`), so a turn is theirs
 * already. PostgreSQL lets transactions run side by side: there a turn is an advisory lock, named for the thing and for the
 * salon. A dog's turn covers its visits, marks, appointments, links and card: it comes first. Clocks follow, in the order of
 * their names, so that two never wait for each other.
 */
final class Turns
{
    /** A dog: its card, visits, marks, appointments, plans and links. Several are taken in the order of their ids. */
    public static function ofDogs(string ...$ids): void
    {
        sort($ids);
        array_map(fn(string $id) => self::of("dog {$id}"), array_unique($ids));
    }

    /** A book of the house, such as its rules, or one client. */
    public static function of(string $what): void
    {
        self::take('pg_advisory_xact_lock_shared(hashtextextended(current_schema(), 0)), '
            .'pg_advisory_xact_lock(hashtextextended(current_schema() || ?, 0))', ["/{$what}"]);
    }

    /** Everything: nobody else has a turn of anything in this salon. */
    public static function ofTheSalon(): void
    {
        self::take('pg_advisory_xact_lock(hashtextextended(current_schema(), 0))', []);
    }

    /** @param list<string> $bindings */
    private static function take(string $locks, array $bindings): void
    {
        $connection = DB::connection();
        if (! $connection instanceof Connection || $connection->transactionLevel() === 0) {
            throw new LogicException('A turn ends with its transaction: begin one first.');
        }
        if ($connection->getDriverName() === 'pgsql') {
            $connection->statement("select {$locks}", $bindings);
        }
    }
}
