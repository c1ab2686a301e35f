<?php

declare(strict_types=1);

namespace App\Http;

use App\Words\SaysItself;
use App\Words\Words;
use Symfony\Component\HttpKernel\Exception\BadRequestHttpException;

/** Something in a request that no field of the application means, in words that say which. */
final class UnusableValue extends BadRequestHttpException implements SaysItself
{
    public static function noNumber(): self
    {
        return new self(Words::of('problems.no_number'));
    }

    public static function hiddenCharacters(): self
    {
        return new self(Words::of('problems.hidden_characters'));
    }
}
