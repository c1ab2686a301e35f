<?php

declare(strict_types=1);

namespace App\Salon;

use App\Database\Salons;
use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Support\Str;

/**
 * Files that were brought and wait to be read in: looked at first, kept for an hour, each salon's own.
 *
 * They lie on the disk of the pictures, which all application servers reach: the next request may come to another one.
 */
final class IncomingFiles
{
    private const SECONDS_KEPT = 3600;

    /** @var array<string, string> where a file lies here, to be read, by id: gone with the request */
    private array $copies = [];

    public function __construct(private readonly Filesystem $disk, private readonly Salons $salons) {}

    public function __destruct()
    {
        array_map(fn(string $copy): bool => @unlink($copy), $this->copies);
    }

    /** @return string the id under which it waits */
    public function keep(string $path): string
    {
        foreach ($this->disk->files($this->folder()) as $old) {
            $this->disk->lastModified($old) < time() - self::SECONDS_KEPT ? $this->disk->delete($old) : null;
        }
        $id = (string) Str::ulid();
        $file = fopen($path, 'r') ?: throw new \RuntimeException("{$path} cannot be read.");
        $this->disk->writeStream("{$this->folder()}/{$id}", $file);

        return $id;
    }

    /** @return string|null of a copy on this server; null: it was never here, or is gone */
    public function path(string $id): ?string
    {
        if (! Str::isUlid($id) || ! $this->disk->exists("{$this->folder()}/{$id}")) {
            return null;
        }
        if (! isset($this->copies[$id])) {
            $copy = (string) tempnam(sys_get_temp_dir(), 'incoming');
            file_put_contents($copy, $this->disk->readStream("{$this->folder()}/{$id}"));
            $this->copies[$id] = $copy;
        }

        return $this->copies[$id];
    }

    public function forget(string $id): void
    {
        Str::isUlid($id) ? $this->disk->delete("{$this->folder()}/{$id}") : null;
    }

    private function folder(): string
    {
        return $this->salons->folder('incoming');
    }
}
