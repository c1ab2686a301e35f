<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\Connection;

/**
 * The columns of a table, and how the two kinds of database write one and the same value.
 *
 * SQLite keeps times as the text that was written and yes or no as 1 and 0; PostgreSQL gives figures with a point as text, and
 * times without the zeros at their end.
 */
final readonly class Columns
{
    /** PHP hands a figure over as text of so many digits; SQLite reads it as the number next to it, if one is off in the last bit. */
    private const DIGITS = 14;

    /**
     * @param list<string> $names
     * @param array<string, string> $kinds what a column holds, by name: `flag`, `figure`, `time`, `instant` (to the millisecond),
     *                                     or as it is
     * @param string|null $key a single column by which the rows can be read in order
     */
    private function __construct(public array $names, private array $kinds, public ?string $key) {}

    /** @param Connection $postgres SQLite's own types say too little: how exact a time is, whether a figure is yes or no */
    public static function of(Connection $postgres, string $table): self
    {
        $schema = $postgres->getSchemaBuilder();
        $kinds = [];
        foreach ($schema->getColumns($table) as $column) {
            $kinds[$column['name']] = match ($column['type_name']) {
                'bool' => 'flag',
                'float8', 'float4' => 'figure',
                'timestamp' => str_contains($column['type'], '(3)') ? 'instant' : 'time',
                default => 'plain',
            };
        }
        $primary = array_values(array_filter($schema->getIndexes($table), fn(array $index): bool => $index['primary']));
        $key = count($primary[0]['columns'] ?? []) === 1 ? $primary[0]['columns'][0] : null;

        return new self(array_keys($kinds), $kinds, $key);
    }

    /** @return array<string, mixed> as it is put into a table of either kind */
    public function written(\stdClass $row): array
    {
        return array_map(fn(mixed $value): mixed => is_bool($value) ? (int) $value : $value, $this->said($row));
    }

    /** @return array<string, mixed> what it says, whichever database it was read from */
    public function said(\stdClass $row): array
    {
        $said = [];
        foreach ($this->names as $name) {
            $value = $row->{$name};
            $said[$name] = $value === null ? null : match ($this->kinds[$name]) {
                'flag' => (bool) $value,
                'figure' => (float) sprintf('%.'.self::DIGITS.'G', $value) + 0.0,
                'time' => self::time((string) $value, 'Y-m-d H:i:s'),
                'instant' => self::time((string) $value, 'Y-m-d H:i:s.v'),
                default => $value,
            };
        }

        return $said;
    }

    /** One that is more exact than its column keeps all of it, so that a difference is seen. */
    private static function time(string $value, string $format): string
    {
        $time = new \DateTimeImmutable($value, new \DateTimeZone('UTC'));
        $kept = $time->format($format);
        $all = $time->format('Y-m-d H:i:s.u');

        return (new \DateTimeImmutable($kept, new \DateTimeZone('UTC')))->format('Y-m-d H:i:s.u') === $all ? $kept : $all;
    }
}
