<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\Connection;

/**
 * After rows came in with numbers of their own, the next one that is given follows the last of them.
 *
 * SQLite looks at the table by itself; PostgreSQL counts in a sequence beside it, which has to be told.
 */
final class NextNumber
{
    public static function follows(Connection $connection, string $table, string $column): void
    {
        if ($connection->getDriverName() === 'pgsql') {
            $last = (int) $connection->table($table)->max($column);
            $connection->selectOne('select setval(pg_get_serial_sequence(?, ?), ?, ?)', [$table, $column, max(1, $last), $last > 0]);
        }
    }
}
