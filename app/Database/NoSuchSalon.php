<?php

declare(strict_types=1);

namespace App\Database;

use RuntimeException;

final class NoSuchSalon extends RuntimeException
{
    public static function named(string $salon): self
    {
        return new self("There is no salon {$salon} here. `php artisan salons:list` names them.");
    }
}
