<?php

declare(strict_types=1);

namespace App\Database;

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

    /** @var array<string, mixed> what `config/salon.php` says, before any salon said something of itself */
    private readonly array $unsaid;

    public function __construct(
        private readonly DatabaseManager $databases,
        private readonly Config $config,
        private readonly Dispatcher $events,
        private readonly Places $places,
    ) {
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

    /** @return array<string, string> names by short name: at least the first one's */
    public function every(): array
    {
        return $this->all() ?: [self::MAIN => (string) $this->config->get('salon.name')];
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
        $this->places->isTaken($salon) ? throw SalonNotAdded::somethingIsThere($this->places->of($salon)) : null;
        $this->places->make($salon);
        $now = CarbonImmutable::now();
        if ($this->all() === []) {
            $this->list()->insert([
                'salon' => self::MAIN,
                'name' => (string) $this->config->get('salon.name'),
                'added_at' => $now->subSecond(),
            ]);
        }
        $this->list()->insert(['salon' => $salon, 'name' => $name, 'added_at' => $now]);
    }

    /** As it calls itself, in the list from which people choose. */
    public function isCalled(string $name): void
    {
        $this->list()->where('salon', $this->current)->update(['name' => $name]);
    }

    /**
     * An empty database of another kind for the salon that is worked in, to which the connection of that kind leads from here on.
     *
     * @return string what it is called
     *
     * @throws SalonNotAdded
     */
    public function placeIn(string $kind): string
    {
        $this->places->make($this->current, $kind);
        $this->places->goTo($this->current, $kind);

        return $this->places->of($this->current, $kind);
    }

    /** @return array<string, list<array<string, mixed>>> what the first salon's database keeps for all, by table; empty in another */
    public function sharedRows(): array
    {
        $rows = fn(string $table): array => array_values(
            $this->shared($table)->get()->map(fn(\stdClass $row): array => (array) $row)->all(),
        );

        return $this->isMain() ? ['salons' => $rows('salons'), 'chain_owners' => $rows('chain_owners')] : [];
    }

    /** @param array<string, list<array<string, mixed>>> $rows that must not be missing */
    public function keepShared(array $rows): void
    {
        foreach ($rows as $table => $some) {
            $this->shared($table)->insertOrIgnore($some);
        }
    }

    /** Rows of what the first salon's database keeps for all. */
    public function shared(string $table): Builder
    {
        return $this->connection()->getDriverName() === 'pgsql'
            ? $this->connection()->table("{$this->places->of(self::MAIN)}.{$table}")
            : $this->databases->connection($this->isMain() ? null : $this->listConnection())->table($table);
    }

    private function list(): Builder
    {
        return $this->shared('salons');
    }

    private function goTo(string $salon): void
    {
        $this->config->set('salon', $this->unsaid);
        $this->places->goTo($salon);
        $this->current = $salon;
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
            'database' => $this->places->of(self::MAIN),
        ]);

        return self::LIST_CONNECTION;
    }
}
