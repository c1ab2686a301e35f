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

    public static function otherSorting(): self
    {
        return new self('That database sorts texts as a language does. Make one that does not: createdb --template=template0 --encoding=UTF8 --locale=C.UTF-8');
    }

    public static function otherVersion(): self
    {
        return new self('The two databases are not of one version. Run `migrate` in both, then try again.');
    }
}
