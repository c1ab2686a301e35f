<?php

declare(strict_types=1);

namespace App\Salon\Backup;

use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;

/** Puts a verified backup in the place of the salon's data, which stays beside it under another name. */
final readonly class Restore
{
    public function __construct(private DatabaseFile $database, private Pictures $pictures) {}

    /**
     * @return string what the salon's former data is called now: `….before-20261127-101500`
     *
     * @throws BackupFailed nothing was changed then
     */
    public function swap(OpenedBackup $backup): string
    {
        $at = CarbonImmutable::now()->utc();
        $photos = $this->pictures->folder();
        $isPostgres = DB::connection()->getDriverName() === 'pgsql';
        DB::disconnect();
        $database = (string) config('database.connections.sqlite.database');
        // The backup may lie on another disk: what takes time is done beside the salon's data, the swap is by names alone.
        $places = [
            ...($photos === null ? [] : [[self::bring($backup->salonsPhotos(), "{$photos}.restored"), $photos, ['']]]),
            ...($isPostgres ? [] : [[self::bring($backup->database(), "{$database}.restored"), $database, ['-wal', '-shm', '']]]),
        ];
        $undo = self::swapNames($places, '.before-'.$at->format('Ymd-His'));
        if ($photos === null) {
            $this->pictures->putBack($backup->salonsPhotos());
        }
        try {
            return $isPostgres
                ? $this->database->putIntoPostgres($backup->database(), $at->format('Ymd_His'))
                : $database.'.before-'.$at->format('Ymd-His');
        } catch (\Throwable $failure) {
            $undo();

            throw $failure;
        }
    }

    /**
     * What an earlier restore put aside, in its place again; what is there now is put aside in its stead.
     *
     * @param string $stamp as in its name, such as 20261127-101500
     *
     * @return string what was there is called now
     *
     * @throws BackupFailed nothing was changed then
     */
    public function back(string $stamp): string
    {
        $at = CarbonImmutable::now()->utc();
        $photos = $this->pictures->folder();
        if (preg_match(FormerData::STAMP, $stamp) !== 1) {
            throw BackupFailed::nothingAside($stamp);
        }
        $isPostgres = DB::connection()->getDriverName() === 'pgsql';
        $database = (string) config('database.connections.sqlite.database');
        $aside = ".before-{$stamp}";
        if (! $isPostgres && ! file_exists($database.$aside)) {
            throw BackupFailed::nothingAside($stamp);
        }
        if ($isPostgres) {
            $before = $this->database->bringBack($stamp, $at->format('Ymd_His'));
            $aside = '.before-'.str_replace('_', '-', $stamp);
        }
        DB::disconnect();
        self::swapNames([
            ...($photos === null || ! is_dir($photos.$aside) ? [] : [[$photos.$aside, $photos, ['']]]),
            ...($isPostgres ? [] : [[$database.$aside, $database, ['-wal', '-shm', '']]]),
        ], '.before-'.$at->format('Ymd-His'));

        return $before ?? $database.'.before-'.$at->format('Ymd-His');
    }

    /**
     * @param list<array{string, string, list<string>}> $places what comes, where it goes, and the endings of what is there
     *
     * @return \Closure(): void puts all of it back
     *
     * @throws BackupFailed nothing was changed then
     */
    private static function swapNames(array $places, string $before): \Closure
    {
        self::journal()->begin(self::moves($places, $before));
        /** @var list<array{string, string}> $done */
        $done = [];
        $undo = function () use (&$done): void {
            foreach (array_reverse($done) as [$was, $is]) {
                rename($is, $was);
            }
            self::journal()->end();
        };
        foreach (self::moves($places, $before) as [$from, $to]) {
            if (! file_exists($from)) {
                continue;
            }
            if (! @rename($from, $to)) {
                $undo();

                throw BackupFailed::cannotSwap();
            }
            $done[] = [$from, $to];
        }

        return $undo;
    }

    /**
     * @param list<array{string, string, list<string>}> $places what comes, where it goes, and the endings of what is there
     *
     * @return list<array{string, string}> from and to, in order
     */
    private static function moves(array $places, string $before): array
    {
        $moves = [];
        foreach ($places as [$new, $place, $endings]) {
            foreach ($endings as $ending) {
                $moves[] = [$place.$ending, $place.$before.$ending];
            }
            $moves[] = [$new, $place];
        }

        return $moves;
    }

    private static function journal(): UnfinishedSwap
    {
        return UnfinishedSwap::of((string) config('database.connections.sqlite.database'));
    }

    /** All that follows from the swap is done too: from here on a kill takes nothing back. */
    public function isDone(): void
    {
        self::journal()->end();
    }

    /** @throws BackupFailed */
    private static function bring(string $from, string $to): string
    {
        File::isDirectory($to) ? File::deleteDirectory($to) : File::delete($to);
        $brought = @rename($from, $to) || (is_dir($from) ? File::copyDirectory($from, $to) : @copy($from, $to));

        return $brought ? $to : throw BackupFailed::cannotWrite();
    }
}
