<?php

declare(strict_types=1);

namespace App\Salon\Backup;

use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\File;
use ZipArchive;

/**
 * Makes one file of the whole salon: the database as it was at one instant, and the pictures.
 *
 * An open format: a ZIP with `manifest.json` (sha256 of every file, rows of every table), encrypted with AES-256 where there is
 * a passphrase.
 */
final readonly class Backup
{
    public const MANIFEST = 'manifest.json';

    public const DATABASE = 'hound-check.sqlite';

    public const PHOTOS = 'photos/';

    public const FORMAT = 'hound-check-backup';

    public const VERSION = 1;

    public function __construct(private BackupShelf $shelf, private DatabaseFile $database, private Pictures $pictures) {}

    /**
     * What is not whole never has the name of a backup.
     *
     * @return string path of the file
     *
     * @throws BackupFailed
     */
    public function make(?string $passphrase): string
    {
        $now = CarbonImmutable::now()->utc();
        $side = $this->shelf->side();
        try {
            $database = "{$side}/".self::DATABASE;
            $this->database->write($database);
            $files = [self::DATABASE => $database, ...$this->pictures->toBackUp($side)];
            $manifest = [
                'format' => self::FORMAT,
                'version' => self::VERSION,
                'madeAt' => $now->toIso8601ZuluString(),
                'salon' => config('salon.name'),
                'rows' => BackupTables::counts($database),
                'sha256' => array_map(fn(string $path): string => (string) hash_file('sha256', $path), $files),
            ];
            $part = "{$side}/backup.zip";
            self::zip($part, $files, $manifest, $passphrase);
            $name = $this->shelf->nameFor($now);
            if (! rename($part, $name)) {
                throw BackupFailed::cannotWrite();
            }

            return $name;
        } finally {
            File::deleteDirectory($side);
        }
    }

    /**
     * @param array<string, string> $files
     * @param array<string, mixed> $manifest
     *
     * @throws BackupFailed
     */
    private static function zip(string $path, array $files, array $manifest, ?string $passphrase): void
    {
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::CREATE | ZipArchive::EXCL) !== true) {
            throw BackupFailed::cannotWrite();
        }
        $zip->addFromString(self::MANIFEST, (string) json_encode($manifest, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE));
        foreach ($files as $name => $file) {
            $zip->addFile($file, $name);
            // Pictures do not get smaller.
            $zip->setCompressionName($name, str_ends_with($name, '.jpg') ? ZipArchive::CM_STORE : ZipArchive::CM_DEFLATE);
        }
        if ($passphrase !== null) {
            foreach ([self::MANIFEST, ...array_keys($files)] as $name) {
                $zip->setEncryptionName($name, ZipArchive::EM_AES_256, $passphrase);
            }
        }
        if (! @$zip->close()) {
            throw BackupFailed::cannotWrite();
        }
        chmod($path, 0600);
    }
}
