<?php

declare(strict_types=1);

namespace App\Backup;

use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\File;

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
        // The backup may lie on another disk: what takes time is done beside the salon's data, the swap is by names alone.
        $newDatabase = self::bring($backup->database(), "{$database}.restored");
        $newPhotos = self::bring($backup->photos(), "{$photos}.restored");
        $moves = [];
        foreach (["{$database}-wal", "{$database}-shm", $database] as $file) {
            $moves[] = [$file, str_replace($database, $database.$before, $file)];
        }
        $moves[] = [$photos, $photos.$before];
        $moves[] = [$newDatabase, $database];
        $moves[] = [$newPhotos, $photos];
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

    /** @throws BackupFailed */
    private static function bring(string $from, string $to): string
    {
        File::isDirectory($to) ? File::deleteDirectory($to) : File::delete($to);
        $brought = @rename($from, $to) || (is_dir($from) ? File::copyDirectory($from, $to) : @copy($from, $to));

        return $brought ? $to : throw BackupFailed::cannotWrite();
    }
}
