<?php

declare(strict_types=1);

namespace App\Privacy;

use App\Words\SaysItself;
use App\Words\Words;
use Symfony\Component\HttpKernel\Exception\ConflictHttpException;

/** A client who cannot be forgotten yet, in words that say what to do first. */
final class NotForgotten extends ConflictHttpException implements SaysItself
{
    /** @param array{string, string} $holds why, and the dog's name */
    public static function because(array $holds): self
    {
        return new self(Words::of("privacy.{$holds[0]}", ['dog' => $holds[1]]));
    }
}
