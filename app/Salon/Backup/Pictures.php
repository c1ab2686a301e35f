<?php

declare(strict_types=1);

namespace App\Salon\Backup;

use App\Database\Salons;
use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Filesystem\LocalFilesystemAdapter;
use Illuminate\Support\Facades\File;

/** The pictures of a salon, on whichever disk they lie, as a backup holds them. */
final readonly class Pictures
{
    private const FOLDER = 'photos';

    public function __construct(private Filesystem $disk, private Salons $salons) {}

    /**
     * @param string $side an empty folder, for copies of what does not lie on this machine
     *
     * @return array<string, string> path on this machine by name within the backup
     */
    public function toBackUp(string $side): array
    {
        $pictures = [];
        $folder = $this->salons->folder(self::FOLDER);
        foreach ($this->disk->allFiles($folder) as $path) {
            // A picture is its id and its size; whatever else lies there is not the salon's.
            if (str_ends_with($path, '.jpg')) {
                $name = Backup::PHOTOS.self::FOLDER.substr($path, strlen($folder));
                $pictures[$name] = $this->disk instanceof LocalFilesystemAdapter
                    ? $this->disk->path($path)
                    : $this->copy($path, "{$side}/{$name}");
            }
        }

        return $pictures;
    }

    /** @return string|null the folder that holds them, where it can be swapped by its name; null: they lie elsewhere */
    public function folder(): ?string
    {
        return $this->disk instanceof LocalFilesystemAdapter ? $this->disk->path($this->salons->folder(self::FOLDER)) : null;
    }

    /** Puts them where they lie elsewhere; what is there under another name stays. */
    public function putBack(string $from): void
    {
        foreach (is_dir($from) ? File::allFiles($from) : [] as $file) {
            $picture = fopen($file->getPathname(), 'r') ?: throw BackupFailed::cannotWrite();
            $this->disk->writeStream($this->salons->folder(self::FOLDER).'/'.$file->getRelativePathname(), $picture);
        }
    }

    private function copy(string $path, string $to): string
    {
        File::ensureDirectoryExists(dirname($to), 0700);
        file_put_contents($to, $this->disk->readStream($path)) !== false ?: throw BackupFailed::cannotWrite();

        return $to;
    }
}
