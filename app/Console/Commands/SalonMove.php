<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Database\CannotCopy;
use App\Database\Closing;
use App\Database\Places;
use App\Database\SalonCopy;
use App\Database\SalonNotAdded;
use App\Database\Salons;
use Illuminate\Console\Command;
use Illuminate\Database\Connection;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Process;

/**
 * The salon that is worked in, from SQLite to PostgreSQL or back: copied while nobody writes, compared row by row, its lists made anew
 * there from what was recorded, and compared once more. What it came from stays as it is.
 */
final class SalonMove extends Command
{
    protected $signature = 'salon:move {to : sqlite or pgsql, as config/database.php names them} {--yes : do not ask}';

    protected $description = 'Copy a salon into the other kind of database, and look whether it is the same there';

    public function handle(Salons $salons, Places $places, Closing $closing): int
    {
        $to = Argument::text($this, 'to');
        if (! in_array($to, ['sqlite', 'pgsql'], true) || $to === config('database.default')) {
            $this->error('Name the kind of database that it is to move to: sqlite or pgsql. It is in '.config('database.default').' now.');

            return self::FAILURE;
        }
        if (! $this->option('yes') && ! $this->confirm('Nobody can record anything while it is copied. Go on?')) {
            return self::FAILURE;
        }
        try {
            return $closing->hold(fn(): int => $this->move($salons, $places, $to));
        } catch (CannotCopy|SalonNotAdded $cannot) {
            $this->error($cannot->getMessage());

            return self::FAILURE;
        } catch (QueryException $failure) {
            // Its first line; what follows may be rows.
            $says = strtok((string) $failure->getPrevious()?->getMessage(), "\n");
            $this->error(
                "A database does not answer as it should: {$says}. Look at its name, address and password; nothing was changed here.",
            );

            return self::FAILURE;
        }
    }

    /**
     * @throws CannotCopy
     * @throws QueryException
     * @throws SalonNotAdded
     */
    private function move(Salons $salons, Places $places, string $to): int
    {
        $place = $salons->placeIn($to);
        $this->callSilently('migrate', ['--force' => true, '--database' => $to]);
        $copy = new SalonCopy(self::connection(null), self::connection($to));
        $copy->all(fn(string $table, int $rows) => $rows === 0 ? null : $this->line(sprintf('%-20s %9d', $table, $rows)));
        $differs = $copy->difference() ?? self::rebuilt($salons, $places, $to) ?? $copy->difference();
        if ($differs !== null) {
            $this->error("It is not the same there ({$differs}). Go on working where you are; what was copied can be thrown away.");

            return self::FAILURE;
        }
        $this->info("All of it is in {$place} ({$to}), row by row the same, before and after its lists were made anew there.");
        $this->line("Now set DB_CONNECTION={$to} for the application, and start it again. What is here stays as it is.");

        return self::SUCCESS;
    }

    /** @return string|null what went wrong */
    private static function rebuilt(Salons $salons, Places $places, string $to): ?string
    {
        $run = Process::path(base_path())
            ->env($places->environment($to))
            ->forever()
            ->run([PHP_BINARY, 'artisan', 'visits:rebuild', '--quiet', ...($salons->isMain() ? [] : ["--salon={$salons->current()}"])]);

        return $run->successful() ? null : 'visits:rebuild';
    }

    private static function connection(?string $name): Connection
    {
        $connection = DB::connection($name);
        assert($connection instanceof Connection);

        return $connection;
    }
}
