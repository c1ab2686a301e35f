<?php

declare(strict_types=1);

namespace App\Salon;

use App\Words\SaysItself;
use App\Words\Words;
use Symfony\Component\HttpKernel\Exception\ConflictHttpException;

/** A salon is set up once. */
final class SalonIsOpen extends ConflictHttpException implements SaysItself
{
    public static function already(): self
    {
        return new self(Words::of('house.salon_is_open'));
    }
}
