<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\QueryException;
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
    /** The busy timeout has run out each time before: then it is five times as long. */
    private const TRIES = 5;

    protected function executeBeginTransactionStatement(): void
    {
        for ($try = 1;; $try++) {
            parent::executeBeginTransactionStatement();
            try {
                $this->getPdo()->exec('DELETE FROM migrations WHERE 0');

                return;
            } catch (\PDOException $failure) {
                $this->getPdo()->rollBack();
                if ($try === self::TRIES || ! str_contains($failure->getMessage(), 'database is locked')) {
                    throw new QueryException((string) $this->getName(), 'BEGIN', [], $failure);
                }
            }
        }
    }

    /**
     * On a full disk SQLite rolls back by itself, and PDO does not notice: then there is nothing to roll back, and PDO has
     * to be shown a transaction that it can end.
     */
    protected function performRollBack($toLevel): void
    {
        try {
            parent::performRollBack($toLevel);
        } catch (\PDOException $failure) {
            if ($toLevel > 0 || ! str_contains($failure->getMessage(), 'no transaction is active')) {
                throw $failure;
            }
            $this->getPdo()->exec('BEGIN');
            $this->getPdo()->rollBack();
        }
    }
}
