<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\QueryException;
use RuntimeException;

final class CannotCopy extends RuntimeException
{
    public static function isNotEmpty(string $table): self
    {
        return new self("There is something already in the other database ({$table}). Name an empty one.");
    }

    /** What the database says may hold what somebody wrote: its first line does not. */
    public static function refused(string $table, QueryException $because): self
    {
        $says = strtok((string) ($because->errorInfo[2] ?? ''), "\n") ?: 'no reason given';

        return new self("The other database does not take a row of {$table}: {$says}. Nothing was changed here.", 0, $because);
    }

    public static function otherSorting(): self
    {
        return new self(
            'That database sorts texts as a language does. '
            .'Make one that does not: createdb --template=template0 --encoding=UTF8 --locale=C.UTF-8',
        );
    }

    public static function otherVersion(): self
    {
        return new self('The two databases are not of one version. Run `migrate` in both, then try again.');
    }
}
