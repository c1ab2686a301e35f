<?php

declare(strict_types=1);

namespace App\Salon\Backup;

use RuntimeException;

/** A backup was not made, is not whole, or cannot be put back; says what to do. */
final class BackupFailed extends RuntimeException
{
    public static function cannotWrite(?\Throwable $cause = null): self
    {
        return new self('The backup could not be written. Is there room on the disk, and may the folder be written to?', 0, $cause);
    }

    public static function notABackup(string $path): self
    {
        return new self("{$path} is no backup of Hound Check, or the passphrase is not its own.");
    }

    public static function notWhole(string $what): self
    {
        return new self("This backup is not whole: {$what}. Take an older one.");
    }

    public static function newerThanThis(): self
    {
        return new self('This backup was made by a newer version. Update Hound Check first, then put it back.');
    }

    public static function nothingAside(string $stamp): self
    {
        return new self("Nothing that was put aside at {$stamp} lies here.");
    }

    public static function cannotSwap(): self
    {
        return new self('The salon’s files could not be put aside. Nothing was changed.');
    }
}
