<?php

declare(strict_types=1);

namespace App\Database;

/** Room on the disk that holds the database: said before it is used up. */
final class DiskSpace
{
    public static function isLow(): bool
    {
        $free = @disk_free_space(database_path());

        return $free !== false && $free < config('salon.low_space_megabytes') * 1024 * 1024;
    }
}
