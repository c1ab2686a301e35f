<?php

declare(strict_types=1);

namespace App\Visits;

use App\Words\SaysItself;
use App\Words\Words;
use Symfony\Component\HttpKernel\Exception\ConflictHttpException;

/** A dog that has not gone home cannot come in. */
final class DogIsAlreadyHere extends ConflictHttpException implements SaysItself
{
    public static function named(string $dog): self
    {
        return new self(Words::of('problems.already_here', ['dog' => $dog]));
    }
}
