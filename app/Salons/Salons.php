<?php

declare(strict_types=1);

namespace App\Salons;

use App\Database\PostgresConnection;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Config\Repository as Config;
use Illuminate\Contracts\Events\Dispatcher;
use Illuminate\Database\Connection;
use Illuminate\Database\DatabaseManager;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\QueryException;

/**
 * The salons of this installation, and the one that is worked in now.
 *
 * Each has a database of its own: a file with SQLite, a schema with PostgreSQL. So nothing of another salon is reached by
 * whatever is asked, and a dog keeps its ids where both salons know it. The first salon's also lists the others.
 */
final class Salons
{
    /** The first one, and the only one in most installations. */
    public const MAIN = 'main';

    private const SHORT_NAME = '/^[a-z][a-z0-9-]{1,29}$/D';

    /** Of SQLite: the first salon's file while another one is worked in. */
    private const LIST_CONNECTION = 'installation';

    private string $current = self::MAIN;

    private readonly string $main;

    /** @var array<string, mixed> what `config/salon.php` says, before any salon said something of itself */
    private readonly array $unsaid;

    public function __construct(
        private readonly DatabaseManager $databases,
        private readonly Config $config,
        private readonly Dispatcher $events,
    ) {
        $this->main = (string) $config->get($this->place());
        $this->unsaid = (array) $config->get('salon');
    }

    public function current(): string
    {
        return $this->current;
    }

    public function isMain(): bool
    {
        return $this->current === self::MAIN;
    }

    /** @return array<string, string> names by short name, in the order in which they were added; empty: there is but one */
    public function all(): array
    {
        try {
            return $this->list()->orderBy('added_at')->orderBy('salon')->pluck('name', 'salon')->all();
        } catch (QueryException) {
            // Before the first migration, or of an earlier version.
            return [];
        }
    }

    /** A name of its own in what all salons share, such as the cache. */
    public function key(string $of): string
    {
        return $this->isMain() ? $of : "{$this->current}/{$of}";
    }

    /** A folder of its own on the disk that all salons share. */
    public function folder(string $of): string
    {
        return $this->isMain() ? $of : "salons/{$this->current}/{$of}";
    }

    /** @throws NoSuchSalon */
    public function enter(string $salon): void
    {
        if ($salon === $this->current) {
            return;
        }
        if ($salon !== self::MAIN && $this->list()->where('salon', $salon)->doesntExist()) {
            throw NoSuchSalon::named($salon);
        }
        $this->goTo($salon);
        $this->events->dispatch(new SalonEntered($salon));
    }

    /**
     * Does something in a salon and comes back.
     *
     * @template T
     *
     * @param \Closure(): T $work
     *
     * @return T
     *
     * @throws NoSuchSalon
     */
    public function within(string $salon, \Closure $work): mixed
    {
        $from = $this->current;
        $this->enter($salon);
        try {
            return $work();
        } finally {
            $this->enter($from);
        }
    }

    /**
     * A database for another salon, still empty: `migrate` and the set-up follow.
     *
     * @throws SalonNotAdded
     */
    public function add(string $salon, string $name): void
    {
        $this->isMain() ?: throw SalonNotAdded::fromWithin();
        preg_match(self::SHORT_NAME, $salon) === 1 ?: throw SalonNotAdded::badShortName($salon);
        isset($this->all()[$salon]) || $salon === self::MAIN ? throw SalonNotAdded::taken($salon) : null;
        $this->makePlace($salon);
        $now = CarbonImmutable::now();
        if ($this->all() === []) {
            $this->list()->insert(['salon' => self::MAIN, 'name' => (string) $this->config->get('salon.name'), 'added_at' => $now->subSecond()]);
        }
        $this->list()->insert(['salon' => $salon, 'name' => $name, 'added_at' => $now]);
    }

    /** As it calls itself, in the list from which people choose. */
    public function isCalled(string $name): void
    {
        $this->list()->where('salon', $this->current)->update(['name' => $name]);
    }

    /** Rows of what the first salon's database keeps for all. */
    public function shared(string $table): Builder
    {
        return $this->connection()->getDriverName() === 'pgsql'
            ? $this->connection()->table("{$this->main}.{$table}")
            : $this->databases->connection($this->isMain() ? null : $this->listConnection())->table($table);
    }

    private function list(): Builder
    {
        return $this->shared('salons');
    }

    private function goTo(string $salon): void
    {
        $this->config->set('salon', $this->unsaid);
        $this->config->set($this->place(), $this->placeOf($salon));
        $connection = $this->connection();
        if ($connection instanceof PostgresConnection) {
            $connection->useSchema($this->placeOf($salon));
        } else {
            $this->databases->purge($connection->getName());
        }
        $this->current = $salon;
    }

    /** Where the configuration says which file, or which schema. */
    private function place(): string
    {
        $default = $this->config->get('database.default');

        return "database.connections.{$default}.".($default === 'pgsql' ? 'search_path' : 'database');
    }

    private function placeOf(string $salon): string
    {
        return match (true) {
            $salon === self::MAIN => $this->main,
            $this->connection()->getDriverName() === 'pgsql' => 'salon_'.str_replace('-', '_', $salon),
            default => dirname($this->main)."/salons/{$salon}.sqlite",
        };
    }

    /** @throws SalonNotAdded */
    private function makePlace(string $salon): void
    {
        $place = $this->placeOf($salon);
        if ($this->connection()->getDriverName() === 'pgsql') {
            $this->connection()->statement("create schema {$this->connection()->getQueryGrammar()->wrap($place)}");

            return;
        }
        $this->main === ':memory:' ? throw SalonNotAdded::noFile() : null;
        is_dir(dirname($place)) || mkdir(dirname($place), 0700, true);
        touch($place);
    }

    private function connection(): Connection
    {
        return $this->databases->connection();
    }

    private function listConnection(): string
    {
        $default = (string) $this->config->get('database.default');
        $this->config->set('database.connections.'.self::LIST_CONNECTION, [
            ...(array) $this->config->get("database.connections.{$default}"),
            'database' => $this->main,
        ]);

        return self::LIST_CONNECTION;
    }
}
