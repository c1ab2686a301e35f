<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Backup\BackupFailed;
use App\Backup\BackupShelf;
use App\Backup\OpenedBackup;
use App\Backup\Restore;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;

/** Puts a backup back: taken out to the side and looked at first, swapped only when it is whole. */
final class SalonRestore extends Command
{
    protected $signature = 'salon:restore {file} {--yes : do not ask}';

    protected $description = 'Put a backup in the place of the salon’s data, which is kept beside it';

    public function handle(BackupShelf $shelf): int
    {
        $side = null;
        try {
            $side = $shelf->side();
            $backup = OpenedBackup::at(Argument::text($this, 'file'), config('salon.backup_passphrase'), $side);
            $backup->checkRebuild();
            if (! $this->option('yes') && ! $this->confirm('It is whole. Put it in the place of what is there now?')) {
                return self::FAILURE;
            }
            $before = $this->swap($backup);
        } catch (BackupFailed $failed) {
            $this->error($failed->getMessage());

            return self::FAILURE;
        } finally {
            $side === null ?: File::deleteDirectory($side);
        }
        $this->info("The backup is in its place. What was there before is {$before}, and the pictures’ folder beside theirs.");

        return self::SUCCESS;
    }

    /** While nobody writes into what is being put aside. */
    private function swap(OpenedBackup $backup): string
    {
        $wasDown = $this->laravel->isDownForMaintenance();
        DB::disconnect();
        $wasDown ?: $this->callSilently('down', ['--retry' => 5]);
        try {
            $before = Restore::swap($backup);
            DB::purge();
            $this->call('migrate', ['--force' => true, '--quiet' => true]);

            return $before;
        } finally {
            $wasDown ?: $this->callSilently('up');
        }
    }
}
