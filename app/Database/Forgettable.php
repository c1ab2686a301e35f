<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Support\Facades\DB;

/** Writes what is made anew whenever it is missing: a power cut may take it back, so that nobody waits for the disk. */
final class Forgettable
{
    public static function write(\Closure $write): void
    {
        match (true) {
            // SQLite changes it between transactions only.
            DB::transactionLevel() > 0 => $write(),
            DB::getDriverName() === 'sqlite' => self::onSqlite($write),
            default => DB::transaction(function () use ($write): void {
                DB::statement('set local synchronous_commit to off');
                $write();
            }),
        };
    }

    private static function onSqlite(\Closure $write): void
    {
        DB::statement('pragma synchronous = normal');
        try {
            $write();
        } finally {
            DB::statement('pragma synchronous = full');
        }
    }
}
