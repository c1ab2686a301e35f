<?php

declare(strict_types=1);

namespace App\Backup;

use Carbon\CarbonImmutable;

/** Puts a verified backup in the place of the salon's data, which stays beside it under another name. */
final class Restore
{
    /**
     * @return string what the salon's former data is called now: `….before-20261127-101500`
     *
     * @throws BackupFailed nothing was changed then
     */
    public static function swap(OpenedBackup $backup): string
    {
        $database = (string) config('database.connections.sqlite.database');
        $photos = (string) config('filesystems.disks.local.root');
        $before = '.before-'.CarbonImmutable::now()->utc()->format('Ymd-His');
        $moves = [];
        foreach (["{$database}-wal", "{$database}-shm", $database] as $file) {
            $moves[] = [$file, str_replace($database, $database.$before, $file)];
        }
        $moves[] = [$photos, $photos.$before];
        $moves[] = [$backup->database(), $database];
        $moves[] = [$backup->photos(), $photos];
        $done = [];
        foreach ($moves as [$from, $to]) {
            if (! file_exists($from)) {
                continue;
            }
            if (! @rename($from, $to)) {
                foreach (array_reverse($done) as [$was, $is]) {
                    rename($is, $was);
                }

                throw BackupFailed::cannotSwap();
            }
            $done[] = [$from, $to];
        }

        return $database.$before;
    }
}
