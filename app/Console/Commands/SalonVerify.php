<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Salon\Backup\BackupFailed;
use App\Salon\Backup\BackupShelf;
use App\Salon\Backup\OpenedBackup;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\File;

/** Whether a backup is whole: every file as it was, a sound database, and lists that follow from what was recorded. */
final class SalonVerify extends Command
{
    protected $signature = 'salon:verify {file? : a backup; without it, the latest}';

    protected $description = 'Open a backup to the side and look whether it is whole';

    public function handle(BackupShelf $shelf): int
    {
        $side = null;
        try {
            $path = Argument::text($this, 'file') ?: (string) array_key_first($shelf->all());
            $side = $shelf->side();
            OpenedBackup::at($path, config('salon.backup_passphrase'), $side)->checkRebuild();
        } catch (BackupFailed $failed) {
            $this->error($failed->getMessage());

            return self::FAILURE;
        } finally {
            $side === null ?: File::deleteDirectory($side);
        }
        $shelf->markVerified($path);
        $this->info("{$path} is whole.");

        return self::SUCCESS;
    }
}
