<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\Migrations\Migrator;
use Illuminate\Database\SQLiteConnection;

/**
 * All migrations of a run count, or none.
 *
 * SQLite changes tables within a transaction, but Laravel does not ask it to: a migration that was killed would be there by
 * half, and no later one could go on from it. References are looked at once at the end, as tables are made anew meanwhile.
 */
final class WholeMigration
{
    private ?SQLiteConnection $connection = null;

    private bool $looksAtReferences = false;

    public function __construct(private readonly Migrator $migrator) {}

    public function begin(): void
    {
        $connection = $this->migrator->resolveConnection($this->migrator->getConnection());
        // The run before it broke off, and this process goes on.
        if ($connection === $this->connection) {
            $connection->rollBack(0);
        }
        $this->connection = null;
        if (! $connection instanceof SQLiteConnection || $connection->transactionLevel() > 0) {
            return;
        }
        $this->connection = $connection;
        $this->looksAtReferences = (bool) $connection->scalar('pragma foreign_keys');
        // Within a transaction this changes nothing.
        $connection->statement('pragma foreign_keys = 0');
        $connection->beginTransaction();
    }

    /** @throws \LogicException a migration left a reference to what is gone; nothing of the run counts */
    public function end(): void
    {
        [$connection, $this->connection] = [$this->connection, null];
        if ($connection === null) {
            return;
        }
        $dangling = $this->looksAtReferences ? $connection->selectOne('pragma foreign_key_check') : null;
        $dangling === null ? $connection->commit() : $connection->rollBack();
        $connection->statement('pragma foreign_keys = '.(int) $this->looksAtReferences);
        if ($dangling !== null) {
            throw new \LogicException("After the migrations a row of {$dangling->table} names one of {$dangling->parent} that is gone.");
        }
    }
}
