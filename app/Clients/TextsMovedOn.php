<?php

declare(strict_types=1);

namespace App\Clients;

use App\Words\SaysItself;
use App\Words\Words;
use Symfony\Component\HttpKernel\Exception\ConflictHttpException;

/** Somebody else wrote this text in the meantime. */
final class TextsMovedOn extends ConflictHttpException implements SaysItself
{
    public static function by(?string $name): self
    {
        return new self(Words::of('texts.moved_on', ['name' => (string) $name]));
    }
}
