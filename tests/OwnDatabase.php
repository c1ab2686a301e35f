<?php

declare(strict_types=1);

namespace Tests;

use PDO;

/** A database of its own for other processes to work on: a file, or a schema of the PostgreSQL that the tests run on. */
final readonly class OwnDatabase
{
    private function __construct(private ?string $file, private string $schema) {}

    public static function make(): self
    {
        if (getenv('DB_CONNECTION') === 'pgsql') {
            $own = new self(null, 'many_'.bin2hex(random_bytes(4)));
            self::postgres()->exec("create schema {$own->schema}");

            return $own;
        }
        $file = (string) tempnam(sys_get_temp_dir(), 'many').'.sqlite';
        touch($file);

        return new self($file, '');
    }

    public function drop(): void
    {
        $this->file === null
            ? self::postgres()->exec("drop schema {$this->schema} cascade")
            : array_map(unlink(...), glob(substr($this->file, 0, -7).'*') ?: []);
    }

    /** @return array<string, string> with which a process works on it */
    public function environment(): array
    {
        return $this->file === null ? ['DB_SCHEMA' => $this->schema] : ['DB_DATABASE' => $this->file];
    }

    /** @return list<array<string, mixed>> */
    public function rows(string $sql): array
    {
        $pdo = $this->file === null ? self::postgres() : new PDO("sqlite:{$this->file}");
        $this->file === null ? $pdo->exec("set search_path to {$this->schema}") : null;

        return $pdo->query($sql)->fetchAll(PDO::FETCH_ASSOC);
    }

    private static function postgres(): PDO
    {
        $of = fn(string $name): string => (string) getenv($name);

        return new PDO("pgsql:host={$of('PGHOST')};port={$of('PGPORT')};dbname={$of('PGDATABASE')}", $of('PGUSER'), $of('PGPASSWORD'));
    }
}
