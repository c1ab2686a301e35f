<?php

declare(strict_types=1);

namespace App\Salon\Backup;

use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use SQLite3;

/** What tells one salon's data from another's, for whoever is about to put one in the place of the other. */
final readonly class SalonTold
{
    /**
     * @param string|null $firstPerson id of whoever worked here first: it tells one salon from another; null: nobody yet
     * @param string|null $lastMark when something was last recorded, UTC
     */
    private function __construct(public int $clients, public int $dogs, public ?string $lastMark, private ?string $firstPerson) {}

    public static function inFile(string $sqlite): self
    {
        $database = new SQLite3($sqlite, SQLITE3_OPEN_READONLY);
        $database->enableExceptions(true);
        $one = fn(string $query): mixed => $database->querySingle($query);
        $told = self::from($one);
        $database->close();

        return $told;
    }

    /** What is in place now; a database that cannot be read tells nothing. */
    public static function here(): self
    {
        try {
            return self::from(fn(string $query): mixed => DB::scalar($query));
        } catch (QueryException) {
            return new self(0, 0, null, null);
        }
    }

    /** Two salons, as far as their data tells; an empty one is nobody's. */
    public function isAnother(self $than): bool
    {
        return $this->firstPerson !== null && $than->firstPerson !== null && $this->firstPerson !== $than->firstPerson;
    }

    public function line(): string
    {
        return "{$this->clients} clients, {$this->dogs} dogs, last recorded ".($this->lastMark === null ? 'never' : "{$this->lastMark} UTC");
    }

    /** @param \Closure(string): mixed $one */
    private static function from(\Closure $one): self
    {
        $text = fn(mixed $value): ?string => is_string($value) && $value !== '' ? $value : null;

        return new self(
            (int) $one('select count(*) from clients'),
            (int) $one('select count(*) from dogs'),
            $text($one('select max(received_at) from marks')),
            $text($one('select min(id) from staff')),
        );
    }
}
