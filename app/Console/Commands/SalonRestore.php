<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Database\Closing;
use App\Database\Salons;
use App\Privacy\Eraser;
use App\Salon\Backup\BackupFailed;
use App\Salon\Backup\BackupShelf;
use App\Salon\Backup\OpenedBackup;
use App\Salon\Backup\Restore;
use App\Salon\Backup\SalonTold;
use Illuminate\Console\Command;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;

/** Puts a backup back: taken out to the side and looked at first, swapped only when it is whole. */
final class SalonRestore extends Command
{
    protected $signature = 'salon:restore
        {file? : a backup}
        {--yes : do not ask}
        {--other-salon : it is another salon’s, and is to take this one’s place}
        {--back= : the time in the name of what an earlier restore put aside, such as 20261127-101500: it comes back}';

    protected $description = 'Put a backup in the place of the salon’s data, which is kept beside it';

    public function handle(BackupShelf $shelf, Salons $salons): int
    {
        $back = $this->option('back');
        if (is_string($back)) {
            return $this->back($back);
        }
        $side = null;
        try {
            $side = $shelf->side();
            $backup = OpenedBackup::at(Argument::text($this, 'file'), config('salon.backup_passphrase'), $side);
            $backup->checkRebuild();
            $here = SalonTold::here();
            $this->line("The backup: {$backup->line()}.");
            $this->line('Here now: '.config('salon.name').": {$here->line()}.");
            if ($backup->told()->isAnother($here) && ! $this->option('other-salon')) {
                $this->error('This backup is another salon’s. If it is to take the place of the one that is here, say so with --other-salon.');

                return self::FAILURE;
            }
            if (! $this->option('yes') && ! $this->confirm('It is whole. Put it in the place of what is there now?')) {
                return self::FAILURE;
            }
            $before = $this->swap($backup, $salons);
        } catch (BackupFailed $failed) {
            $this->error($failed->getMessage());

            return self::FAILURE;
        } finally {
            $side === null ?: File::deleteDirectory($side);
        }
        $this->info("The backup is in its place. What was there before is {$before}, and the pictures’ folder beside theirs.");
        $this->line('The way back: php artisan salon:restore --back='.substr($before, -15).($salons->isMain() ? '' : " --salon={$salons->current()}"));

        return self::SUCCESS;
    }

    /** What was put aside comes back, and what is there now is put aside in its stead. */
    private function back(string $stamp): int
    {
        try {
            $before = $this->laravel->make(Closing::class)->hold(function () use ($stamp): string {
                $restore = $this->laravel->make(Restore::class);
                $before = $restore->back($stamp);
                $restore->isDone();
                DB::purge();

                return $before;
            });
        } catch (BackupFailed $failed) {
            $this->error($failed->getMessage());

            return self::FAILURE;
        }
        $this->info("It is back. What was there until now is {$before}.");

        return self::SUCCESS;
    }

    /**
     * Who was forgotten since the backup was made: it still knows them.
     *
     * @return list<array{client_id: string, staff_id: string, at: string}>
     */
    private static function erasures(): array
    {
        try {
            return array_values(DB::table('erasures')->get()->map(fn(\stdClass $one): array => [
                'client_id' => (string) $one->client_id,
                'staff_id' => (string) $one->staff_id,
                'at' => (string) $one->at,
            ])->all());
        } catch (QueryException) {
            // What is being put aside cannot be read: that is why somebody restores.
            return [];
        }
    }

    /** While nobody writes into what is being put aside. */
    private function swap(OpenedBackup $backup, Salons $salons): string
    {
        $erasures = self::erasures();
        // Salons that were added since are no part of the backup, nor is who owns them all.
        $shared = rescue(fn(): array => $salons->sharedRows(), [], false);
        return $this->laravel->make(Closing::class)->hold(function () use ($backup, $salons, $erasures, $shared): string {
            $restore = $this->laravel->make(Restore::class);
            $before = $restore->swap($backup);
            DB::purge();
            $this->call('migrate', ['--force' => true, '--quiet' => true]);
            $salons->keepShared($shared);
            $forgotten = $this->laravel->make(Eraser::class)->again($erasures);
            $forgotten === 0 ?: $this->info("{$forgotten} clients who had asked to be forgotten are forgotten again.");

            // Until here a kill leaves the salon as it was.
            $restore->isDone();

            return $before;
        });
    }
}
