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
        if ($this->connection === null) {
            return;
        }
        $dangling = $this->looksAtReferences ? $this->connection->select('pragma foreign_key_check') : [];
        if ($dangling !== []) {
            $this->connection->rollBack();

            throw new \LogicException("After the migrations a row of {$dangling[0]->table} names one of {$dangling[0]->parent} that is not there.");
        }
        $this->connection->commit();
        $this->connection->statement('pragma foreign_keys = '.(int) $this->looksAtReferences);
        $this->connection = null;
    }
}
