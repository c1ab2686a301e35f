<?php

declare(strict_types=1);

namespace App\Database;

/** From here on everything that is read and written is this salon's. */
final readonly class SalonEntered
{
    public function __construct(public string $salon) {}
}
