<?php

declare(strict_types=1);

namespace App\Database;

use App\Words\SaysItself;
use App\Words\Words;
use Symfony\Component\HttpKernel\Exception\ServiceUnavailableHttpException;

/** The salon's data is being copied or put back. */
final class ClosedForNow extends ServiceUnavailableHttpException implements SaysItself
{
    private const SECONDS = 5;

    public static function asks(): self
    {
        return new self(self::SECONDS, Words::of('problems.closed'));
    }
}
