<?php

declare(strict_types=1);

namespace App\Transfer\Import;

use App\Words\SaysItself;
use App\Words\Words;
use Symfony\Component\HttpKernel\Exception\UnprocessableEntityHttpException;

/** A file that cannot be read as a table of clients and dogs, in words that say what to do. */
final class UnreadableTable extends UnprocessableEntityHttpException implements SaysItself
{
    public static function noTable(): self
    {
        return new self(Words::of('import.no_table'));
    }

    public static function empty(): self
    {
        return new self(Words::of('import.empty'));
    }

    public static function openQuote(int $line): self
    {
        return new self(Words::of('import.open_quote', ['line' => $line]));
    }

    public static function tooLong(int $most): self
    {
        return new self(Words::of('import.too_long', ['most' => $most]));
    }

    public static function gone(): self
    {
        return new self(Words::of('dossier.gone'));
    }

    public static function namesNoDog(): self
    {
        return new self(Words::of('import.names_needed'));
    }
}
