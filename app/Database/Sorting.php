<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\Connection;

/**
 * Texts are compared letter by letter as their bytes stand, as SQLite always does: names are searched by where they begin. A PostgreSQL
 * database can be made to sort as some language does; then a search would miss names.
 */
final class Sorting
{
    public static function isByBytes(Connection $connection): bool
    {
        if ($connection->getDriverName() !== 'pgsql') {
            return true;
        }
        $of = $connection->selectOne('select datcollate as sorting from pg_database where datname = current_database()');

        return in_array($of?->sorting, ['C', 'POSIX', 'C.UTF-8', 'C.utf8'], true);
    }
}
