<?php

declare(strict_types=1);

namespace App\House;

use Illuminate\Support\Str;

/** Files that were brought and wait to be read in: looked at first, kept for an hour. */
final class IncomingFiles
{
    private const SECONDS_KEPT = 3600;

    /** @return string the id under which it waits */
    public function keep(string $path): string
    {
        $folder = self::folder();
        foreach (glob("{$folder}/*") ?: [] as $old) {
            (int) filemtime($old) < time() - self::SECONDS_KEPT ? unlink($old) : null;
        }
        $id = (string) Str::ulid();
        copy($path, "{$folder}/{$id}") || throw new \RuntimeException("{$folder} takes no file.");

        return $id;
    }

    /** @return string|null null: it was never here, or is gone */
    public function path(string $id): ?string
    {
        $path = self::folder().'/'.$id;

        return Str::isUlid($id) && is_file($path) ? $path : null;
    }

    public function forget(string $id): void
    {
        $path = $this->path($id);
        $path === null ? null : unlink($path);
    }

    private static function folder(): string
    {
        $folder = storage_path('framework/incoming');
        is_dir($folder) || mkdir($folder, 0700, true);

        return $folder;
    }
}
