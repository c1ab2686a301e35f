<?php

declare(strict_types=1);

namespace App\Salon\Backup;

use App\Database\Salons;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;

/** The folder of backups: which there are, which were verified, and which may go. */
final readonly class BackupShelf
{
    public function __construct(private Salons $salons) {}

    private const NAME = '/^hound-check-(\d{8}-\d{6})\.zip$/';

    /** So many days, weeks and months the latest backup of each is kept. */
    private const KEPT = ['Ymd' => 7, 'oW' => 4, 'Ym' => 12];

    private const SIDE = '.side-';

    /** A side folder that is older was left by a machine that stopped. */
    private const SIDE_HOURS = 12;

    /** @throws BackupFailed */
    public function folder(): string
    {
        $folder = config('salon.backup_folder').($this->salons->isMain() ? '' : "/{$this->salons->current()}");

        return is_dir($folder) || @mkdir($folder, 0700, true) ? $folder : throw BackupFailed::cannotWrite();
    }

    /** An empty folder on the same disk; what an earlier run left behind is swept. */
    public function side(): string
    {
        $this->sweep();
        $side = $this->folder().'/'.self::SIDE.getmypid().'-'.Str::ulid();

        return @mkdir($side, 0700) ? $side : throw BackupFailed::cannotWrite();
    }

    /** What a backup or a restore that was killed left beside: it holds the salon's data. */
    public function sweep(): void
    {
        foreach (glob($this->folder().'/'.self::SIDE.'*') ?: [] as $left) {
            $process = preg_match('/\.side-(\d+)-/', $left, $found) === 1 ? (int) $found[1] : 0;
            $isOver = $process > 0 && function_exists('posix_kill') && ! posix_kill($process, 0);
            if ($isOver || File::lastModified($left) < time() - 3600 * self::SIDE_HOURS) {
                File::deleteDirectory($left);
            }
        }
    }

    public function nameFor(CarbonImmutable $at): string
    {
        return $this->folder().'/hound-check-'.$at->format('Ymd-His').'.zip';
    }

    /** @return array<string, CarbonImmutable> when each was made, by path, the latest first */
    public function all(): array
    {
        $backups = [];
        foreach (File::files($this->folder()) as $file) {
            if (preg_match(self::NAME, $file->getFilename(), $made) === 1) {
                $backups[$file->getPathname()] = CarbonImmutable::createFromFormat('Ymd-His', $made[1], 'UTC') ?: CarbonImmutable::now();
            }
        }
        krsort($backups);

        return $backups;
    }

    public function markVerified(string $path): void
    {
        if (isset($this->all()[$path])) {
            File::put("{$path}.verified", CarbonImmutable::now()->toIso8601ZuluString());
        }
    }

    /** When the latest one that was verified was made; null: there is none. */
    public function lastVerified(): ?CarbonImmutable
    {
        foreach ($this->all() as $path => $made) {
            if (is_file("{$path}.verified")) {
                return $made;
            }
        }

        return null;
    }

    /**
     * The latest of each of the last days, weeks and months stay, and the last that was verified whatever its age.
     *
     * @return list<string> paths that went
     */
    public function prune(): array
    {
        $all = $this->all();
        $kept = [];
        foreach (self::KEPT as $format => $count) {
            $latest = [];
            foreach ($all as $path => $made) {
                $latest[$made->format($format)] ??= $path;
            }
            array_push($kept, ...array_slice(array_values($latest), 0, $count));
        }
        foreach (array_keys($all) as $path) {
            if (is_file("{$path}.verified")) {
                $kept[] = $path;

                break;
            }
        }
        $gone = array_values(array_diff(array_keys($all), $kept));
        foreach ($gone as $path) {
            File::delete([$path, "{$path}.verified"]);
        }

        return $gone;
    }
}
