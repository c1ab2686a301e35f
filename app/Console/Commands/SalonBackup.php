<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Salon\Backup\Backup;
use App\Salon\Backup\BackupFailed;
use App\Salon\Backup\BackupShelf;
use App\Salon\Backup\OpenedBackup;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\File;

/** One file of the whole salon, verified at once; older ones go by the rule of days, weeks and months. */
final class SalonBackup extends Command
{
    protected $signature = 'salon:backup {--quick : make it only; salon:verify looks at it later}';

    protected $description = 'Make a backup of the database and the pictures, and look whether it is whole';

    public function handle(Backup $backup, BackupShelf $shelf): int
    {
        $passphrase = config('salon.backup_passphrase');
        try {
            $path = $backup->make($passphrase);
            if (! $this->option('quick')) {
                $side = $shelf->side();
                try {
                    OpenedBackup::at($path, $passphrase, $side)->checkRebuild();
                } finally {
                    File::deleteDirectory($side);
                }
                $shelf->markVerified($path);
            }
        } catch (BackupFailed $failed) {
            report($failed);
            $this->error($failed->getMessage());

            return self::FAILURE;
        }
        $gone = $shelf->prune();
        $this->info($path.($this->option('quick') ? '' : ' is whole.').($gone === [] ? '' : ' '.count($gone).' older ones went.'));

        return self::SUCCESS;
    }
}
