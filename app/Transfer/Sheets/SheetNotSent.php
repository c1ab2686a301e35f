<?php

declare(strict_types=1);

namespace App\Transfer\Sheets;

use App\Words\SaysItself;
use App\Words\Words;
use Symfony\Component\HttpKernel\Exception\ConflictHttpException;

/** A record that does not go out, in the words of whoever sends it. */
final class SheetNotSent extends ConflictHttpException implements SaysItself
{
    public static function theDogIsHere(string $dog): self
    {
        return new self(Words::of('problems.record_not_sent', ['dog' => $dog]));
    }
}
