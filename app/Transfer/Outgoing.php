<?php

declare(strict_types=1);

namespace App\Transfer;

use Illuminate\Support\Facades\File;
use RuntimeException;
use ZipArchive;

/**
 * Archives on their way out: made where nobody else on this computer reads, gone when they are sent.
 *
 * They hold what a salon knows of people. One that fails on the way is taken away at once; what a killed process left
 * behind goes when it is an hour old, with the next archive or the next full hour.
 */
final class Outgoing
{
    private const SECONDS_KEPT = 3600;

    /**
     * An archive filled in rounds: what goes into a ZIP waits in memory until the round ends.
     *
     * @param iterable<\Closure(ZipArchive): void> $rounds
     *
     * @return string path of a file that is the caller's to delete
     *
     * @throws RuntimeException when it cannot be finished
     */
    public static function zip(string $what, iterable $rounds): string
    {
        $path = self::place($what).'.zip';
        try {
            foreach ($rounds as $put) {
                self::add($path, $put);
            }

            return $path;
        } catch (\Throwable $failure) {
            File::delete($path);
            throw $failure;
        }
    }

    /**
     * A folder for files that go into an archive; gone afterwards.
     *
     * @template T
     *
     * @param \Closure(string $folder): T $use
     *
     * @return T
     */
    public static function folder(string $what, \Closure $use): mixed
    {
        $folder = self::place($what);
        File::makeDirectory($folder, 0700);
        try {
            return $use($folder);
        } finally {
            File::deleteDirectory($folder);
        }
    }

    /** Takes away what no process that still runs can be about to send. */
    public static function sweep(): void
    {
        foreach (glob(self::root().'/*') ?: [] as $left) {
            if ((int) @filemtime($left) < time() - self::SECONDS_KEPT) {
                is_dir($left) ? File::deleteDirectory($left) : File::delete($left);
            }
        }
    }

    /** @param \Closure(ZipArchive): void $put */
    private static function add(string $path, \Closure $put): void
    {
        $zip = new ZipArchive;
        $zip->open($path, ZipArchive::CREATE) === true || throw new RuntimeException("{$path} cannot be made.");
        try {
            $put($zip);
        } catch (\Throwable $failure) {
            // Else it would be written when PHP lets go of it, half of it and after it was taken away.
            $zip->unchangeAll();
            $zip->close();
            throw $failure;
        }
        $zip->close() || throw new RuntimeException("The archive at {$path} could not be finished.");
    }

    private static function place(string $what): string
    {
        File::ensureDirectoryExists(self::root(), 0700);
        self::sweep();

        return self::root().'/'.uniqid("{$what}-", true);
    }

    private static function root(): string
    {
        return (string) config('salon.outgoing_folder');
    }
}
