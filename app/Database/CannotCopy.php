<?php

declare(strict_types=1);

namespace App\Database;

use RuntimeException;

final class CannotCopy extends RuntimeException
{
    public static function isNotEmpty(string $table): self
    {
        return new self("There is something already in the other database ({$table}). Name an empty one.");
    }

    public static function otherVersion(): self
    {
        return new self('The two databases are not of one version. Run `migrate` in both, then try again.');
    }
}
