<?php

declare(strict_types=1);

namespace App\Database;

use RuntimeException;

/** Says what to do. */
final class SalonNotAdded extends RuntimeException
{
    public static function badShortName(string $salon): self
    {
        return new self("\"{$salon}\" cannot be its short name: take 2 to 30 small letters, figures and hyphens, beginning with a letter.");
    }

    public static function taken(string $salon): self
    {
        return new self("There is a salon {$salon} already. Take another short name.");
    }

    public static function somethingIsThere(string $place): self
    {
        return new self("{$place} holds something already, and no salon of this installation. Put it aside, or take another short name.");
    }

    public static function fromWithin(): self
    {
        return new self('Salons are added from the first one: leave out --salon.');
    }

    public static function noFile(): self
    {
        return new self('A database in memory has no room for another salon. Use a file, or PostgreSQL.');
    }
}
