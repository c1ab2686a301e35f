<?php

declare(strict_types=1);

namespace App\Salon;

use App\Words\SaysItself;
use App\Words\Words;
use Symfony\Component\HttpKernel\Exception\ConflictHttpException;

/** Somebody else changed what the salon says of itself in the meantime. */
final class SalonMovedOn extends ConflictHttpException implements SaysItself
{
    public static function by(string $name): self
    {
        return new self(Words::of('house.salon_moved_on', ['name' => $name]));
    }
}
