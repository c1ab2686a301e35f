<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\Connection;
use Illuminate\Database\QueryException;
use Illuminate\Support\LazyCollection;

/**
 * All rows of one salon from one database to another of whichever kind, and whether two of them say the same.
 *
 * Both have seen the same migrations. What is made anew whenever it is asked for, and who is signed in, stays behind.
 */
final readonly class SalonCopy
{
    /** Kept answers, and what belongs to the servers rather than to the salon. */
    public const LEFT_BEHIND = ['migrations', 'visit_answers', 'dog_memories', 'sessions', 'cache', 'cache_locks'];

    private const ROWS_READ = 2000;

    /** SQLite takes 32,766 values in one statement, PostgreSQL 65,535. */
    private const VALUES_AT_ONCE = 20_000;

    public function __construct(private Connection $from, private Connection $to) {}

    /**
     * @param \Closure(string, int): void|null $tell the table that was copied, and how many rows it has
     *
     * @throws CannotCopy where there is something already, or the two are not of one version
     */
    public function all(?\Closure $tell = null): void
    {
        Sorting::isByBytes($this->to) ?: throw CannotCopy::otherSorting();
        $this->checkVersions();
        $tables = self::inOrder($this->to);
        foreach ($tables as $table) {
            $this->to->table($table)->exists() ? throw CannotCopy::isNotEmpty($table) : null;
        }
        $this->atOneInstant(fn() => $this->to->transaction(function () use ($tables, $tell): bool {
            foreach ($tables as $table) {
                $rows = $this->table($table);
                $tell === null ? null : $tell($table, $rows);
            }
            NextNumber::follows($this->to, 'marks', 'number');

            return true;
        }));
    }

    /** @return string|null the first table in which they differ; null: they say the same */
    public function difference(): ?string
    {
        foreach (self::inOrder($this->to) as $table) {
            $columns = Columns::of($this->postgres(), $table);
            if (self::sum($this->from, $table, $columns) !== self::sum($this->to, $table, $columns)) {
                return $table;
            }
        }

        return null;
    }

    private function table(string $table): int
    {
        $columns = Columns::of($this->postgres(), $table);
        $atOnce = max(1, intdiv(self::VALUES_AT_ONCE, count($columns->names)));
        $count = 0;
        foreach (self::rows($this->from, $table, $columns)->chunk($atOnce) as $some) {
            $rows = array_values($some->map(fn(\stdClass $row): array => $columns->written($row))->all());
            try {
                $this->to->table($table)->insert($rows);
            } catch (QueryException $refused) {
                throw CannotCopy::refused($table, $refused);
            }
            $count += count($rows);
        }

        return $count;
    }

    /** @return array{int, int, int} rows, and two sums that do not depend on their order */
    private static function sum(Connection $of, string $table, Columns $columns): array
    {
        [$count, $one, $other] = [0, 0, 0];
        foreach (self::rows($of, $table, $columns) as $row) {
            $hash = hash('xxh128', serialize($columns->said($row)));
            $one += (int) hexdec(substr($hash, 0, 8));
            $other += (int) hexdec(substr($hash, 8, 8));
            $count++;
        }

        return [$count, $one, $other];
    }

    /** @return LazyCollection<int, \stdClass> read by parts where a table is long */
    private static function rows(Connection $of, string $table, Columns $columns): LazyCollection
    {
        $rows = $of->table($table)->select($columns->names);

        return $columns->key === null
            ? $rows->cursor()
            : $rows->lazyById(self::ROWS_READ, $columns->key);
    }

    /**
     * Somebody may write meanwhile: what is copied is the salon as it was at the beginning.
     *
     * @param \Closure(): bool $copy
     */
    private function atOneInstant(\Closure $copy): void
    {
        if ($this->from->getDriverName() !== 'pgsql') {
            $this->from->transaction($copy);

            return;
        }
        $this->from->beginTransaction();
        try {
            $this->from->transactionLevel() === 1
                ? $this->from->statement('set transaction isolation level repeatable read, read only')
                : null;
            $copy();
        } finally {
            $this->from->rollBack();
        }
    }

    /** One of the two is. */
    private function postgres(): Connection
    {
        return $this->from->getDriverName() === 'pgsql' ? $this->from : $this->to;
    }

    private function checkVersions(): void
    {
        $seen = fn(Connection $of): array => $of->table('migrations')->orderBy('migration')->pluck('migration')->all();
        $seen($this->from) === $seen($this->to) ?: throw CannotCopy::otherVersion();
    }

    /** @return list<string> tables, each after those that it names by foreign keys */
    private static function inOrder(Connection $of): array
    {
        $schema = $of->getSchemaBuilder();
        $place = $of->getDriverName() === 'pgsql' ? (string) $of->getConfig('search_path') : 'main';
        $left = array_diff($schema->getTableListing($place, schemaQualified: false), [...self::LEFT_BEHIND, 'sqlite_sequence']);
        sort($left);
        $order = [];
        while ($left !== []) {
            $ready = array_filter($left, function (string $table) use ($schema, $left): bool {
                $needs = array_column($schema->getForeignKeys($table), 'foreign_table');

                return array_intersect(array_diff($needs, [$table]), $left) === [];
            });
            $ready !== [] ?: throw new \LogicException('Foreign keys run in a circle: '.implode(', ', $left));
            array_push($order, ...$ready);
            $left = array_diff($left, $ready);
        }

        return $order;
    }
}
