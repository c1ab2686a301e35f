<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\SQLiteConnection;

/**
 * Takes the write lock at the start of a transaction.
 *
 * Two transactions that read first and write later would otherwise fail with "database is locked" at once, however
 * long the busy timeout: SQLite cannot let either go on. PHP before 8.4 ignores `transaction_mode`, so a write that
 * changes nothing takes the lock. Delete this class with PHP 8.4.
 */
final class ImmediateSqliteConnection extends SQLiteConnection
{
    protected function executeBeginTransactionStatement(): void
    {
        parent::executeBeginTransactionStatement();
        $this->getPdo()->exec('DELETE FROM migrations WHERE 0');
    }
}
