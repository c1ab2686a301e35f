<?php

declare(strict_types=1);

namespace App\Salon\Backup;

use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Process;
use ZipArchive;

/** A backup that was taken out to the side, where it is looked at before anything is swapped. */
final readonly class OpenedBackup
{
    /** @param array<string, mixed> $manifest */
    private function __construct(public string $side, private array $manifest) {}

    /**
     * Every file is there and as it was, the database is sound, and its rows are as many as were counted.
     *
     * @param string $side an empty folder
     *
     * @throws BackupFailed
     */
    public static function at(string $path, ?string $passphrase, string $side): self
    {
        $zip = new ZipArchive;
        if (! is_file($path) || $zip->open($path, ZipArchive::RDONLY) !== true) {
            throw BackupFailed::notABackup($path);
        }
        $passphrase === null ?: $zip->setPassword($passphrase);
        $manifest = json_decode((string) @$zip->getFromName(Backup::MANIFEST), true);
        if (! is_array($manifest) || ($manifest['format'] ?? '') !== Backup::FORMAT || ! is_array($manifest['sha256'] ?? null)) {
            throw BackupFailed::notABackup($path);
        }
        if (($manifest['version'] ?? 0) > Backup::VERSION) {
            throw BackupFailed::newerThanThis();
        }
        foreach ($manifest['sha256'] as $name => $hash) {
            self::takeOut($zip, (string) $name, (string) $hash, $side);
        }
        $zip->close();
        $opened = new self($side, $manifest);
        $opened->checkDatabase();

        return $opened;
    }

    /** Whose it is and of when, as it says itself. */
    public function line(): string
    {
        return "{$this->manifest['salon']}, made {$this->manifest['madeAt']}: ".$this->told()->line();
    }

    public function told(): SalonTold
    {
        return SalonTold::inFile($this->database());
    }

    public function database(): string
    {
        return "{$this->side}/".Backup::DATABASE;
    }

    public function photos(): string
    {
        File::ensureDirectoryExists("{$this->side}/".Backup::PHOTOS);

        return rtrim("{$this->side}/".Backup::PHOTOS, '/');
    }

    /** Those of the salon itself, within them. */
    public function salonsPhotos(): string
    {
        File::ensureDirectoryExists("{$this->photos()}/photos");

        return "{$this->photos()}/photos";
    }

    /**
     * What the lists hold follows from what was recorded: a rebuild of a copy writes the same rows.
     *
     * @throws BackupFailed
     */
    public function checkRebuild(): void
    {
        if (array_diff(self::knownMigrations(), BackupTables::migrations($this->database())) !== []) {
            // Of an earlier version: `migrate` comes first, and `UPGRADE.md` says whether lists are made anew.
            return;
        }
        $copy = "{$this->side}/rebuilt.sqlite";
        File::copy($this->database(), $copy);
        $run = Process::path(base_path())
            // Its own file and its own pictures, wherever those of the salon lie.
            ->env(['DB_CONNECTION' => 'sqlite', 'DB_DATABASE' => $copy, 'FILESYSTEM_DISK' => 'local', 'PHOTOS_FOLDER' => $this->photos()])
            ->forever()
            ->run([PHP_BINARY, 'artisan', 'visits:rebuild', '--quiet']);
        $differs = $run->successful() ? BackupTables::difference($this->database(), $copy) : 'visits:rebuild';
        File::delete([$copy, "{$copy}-wal", "{$copy}-shm"]);
        if ($differs !== null) {
            throw BackupFailed::notWhole("its lists do not follow from what was recorded ({$differs})");
        }
    }

    /** @throws BackupFailed */
    private static function takeOut(ZipArchive $zip, string $name, string $hash, string $side): void
    {
        // Nothing is written outside of the side folder, whatever a file calls itself.
        $isOurs = $name === Backup::DATABASE || preg_match('~^'.Backup::PHOTOS.'([\w-]+/)*[\w-]+\.jpg$~', $name) === 1;
        $from = $isOurs ? @$zip->getStream($name) : false;
        if ($from === false) {
            throw BackupFailed::notWhole("{$name} is missing, or the passphrase is not its own");
        }
        File::ensureDirectoryExists(dirname("{$side}/{$name}"), 0700);
        $written = @file_put_contents("{$side}/{$name}", $from);
        if ($written === false) {
            throw BackupFailed::cannotWrite();
        }
        if (hash_file('sha256', "{$side}/{$name}") !== $hash) {
            throw BackupFailed::notWhole("{$name} is not as it was");
        }
    }

    /** @throws BackupFailed */
    private function checkDatabase(): void
    {
        if (! is_file($this->database())) {
            throw BackupFailed::notWhole('it holds no database');
        }
        $faults = BackupTables::faults($this->database());
        if ($faults !== []) {
            throw BackupFailed::notWhole("its database is damaged ({$faults[0]})");
        }
        if (BackupTables::counts($this->database()) !== $this->manifest['rows']) {
            throw BackupFailed::notWhole('its database holds other rows than were counted');
        }
        if (array_diff(BackupTables::migrations($this->database()), self::knownMigrations()) !== []) {
            throw BackupFailed::newerThanThis();
        }
    }

    /** @return list<string> */
    private static function knownMigrations(): array
    {
        return array_values(array_map(fn(string $file): string => basename($file, '.php'), glob(database_path('migrations/*.php')) ?: []));
    }
}
