<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\PostgresConnection as LaravelPostgresConnection;

/** Each salon has a schema of its own: one connection goes from one to the other without being made anew. */
final class PostgresConnection extends LaravelPostgresConnection
{
    /** From here on only this schema is looked into. */
    public function useSchema(string $schema): void
    {
        $this->config['search_path'] = $schema;
        $this->statement("set search_path to {$this->getQueryGrammar()->wrap($schema)}");
    }
}
