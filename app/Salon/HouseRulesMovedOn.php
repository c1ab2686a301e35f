<?php

declare(strict_types=1);

namespace App\Salon;

use App\Words\SaysItself;
use App\Words\Words;
use Symfony\Component\HttpKernel\Exception\ConflictHttpException;

/** Somebody else wrote a version of the house rules in the meantime. */
final class HouseRulesMovedOn extends ConflictHttpException implements SaysItself
{
    public static function by(string $name): self
    {
        return new self(Words::of('house.moved_on', ['name' => $name]));
    }
}
