<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Contracts\Config\Repository as Config;
use Illuminate\Database\DatabaseManager;
use Illuminate\Database\PostgresConnection as AnyPostgresConnection;

/** Where the database of a salon lies: a file beside the first one's, or a schema of the same PostgreSQL. */
final readonly class Places
{
    /** What `config/database.php` says of each kind. */
    private const SETTING = ['sqlite' => 'database', 'pgsql' => 'search_path'];

    /** @var array<string, string> the first salon's, by kind of database */
    private array $first;

    public function __construct(private DatabaseManager $databases, private Config $config)
    {
        $this->first = array_map(strval(...), array_combine(
            array_keys(self::SETTING),
            array_map(fn(string $kind): mixed => $config->get(self::setting($kind)), array_keys(self::SETTING)),
        ));
    }

    public function kind(): string
    {
        return (string) $this->config->get('database.default');
    }

    public function of(string $salon, ?string $kind = null): string
    {
        $kind ??= $this->kind();

        return match (true) {
            $salon === Salons::MAIN => $this->first[$kind],
            $kind === 'pgsql' => ($this->first[$kind] === 'public' ? '' : "{$this->first[$kind]}_").'salon_'.str_replace('-', '_', $salon),
            // Named after the first one's file, as a schema after the first one's: a demo beside it has a folder of its own.
            default => preg_replace('/\.sqlite$/', '', $this->first[$kind])."-salons/{$salon}.sqlite",
        };
    }

    /** Whether something lies there that nobody listed: it is not taken over by chance. */
    public function isTaken(string $salon): bool
    {
        $place = $this->of($salon);

        return $this->kind() === 'pgsql'
            ? $this->databases->connection()->table('information_schema.tables')->where('table_schema', $place)->exists()
            : is_file($place) && filesize($place) > 0;
    }

    /**
     * An empty one, where there is none yet.
     *
     * @throws SalonNotAdded
     */
    public function make(string $salon, ?string $kind = null): void
    {
        $place = $this->of($salon, $kind);
        if (($kind ?? $this->kind()) === 'pgsql') {
            $postgres = $this->databases->connection($kind);
            assert($postgres instanceof AnyPostgresConnection);
            $postgres->statement("create schema if not exists {$postgres->getQueryGrammar()->wrap($place)}");

            return;
        }
        $place !== ':memory:' && $this->first['sqlite'] !== ':memory:' ?: throw SalonNotAdded::noFile();
        is_dir(dirname($place)) || mkdir(dirname($place), 0700, true);
        is_file($place) || touch($place);
        chmod($place, 0600);
    }

    /** From here on the connection of this kind reads and writes there. */
    public function goTo(string $salon, ?string $kind = null): void
    {
        $kind ??= $this->kind();
        $this->config->set(self::setting($kind), $this->of($salon, $kind));
        $connection = $this->databases->connection($kind);
        $connection instanceof PostgresConnection ? $connection->useSchema($this->of($salon, $kind)) : $this->databases->purge($kind);
    }

    /** @return array<string, string> with which another process works on that kind */
    public function environment(string $kind): array
    {
        return ['DB_CONNECTION' => $kind, ($kind === 'pgsql' ? 'DB_SCHEMA' : 'DB_DATABASE') => $this->first[$kind]];
    }

    private static function setting(string $kind): string
    {
        return "database.connections.{$kind}.".self::SETTING[$kind];
    }
}
