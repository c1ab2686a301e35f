<?php

declare(strict_types=1);

namespace App\Transfer;

use App\Words\SaysItself;
use App\Words\Words;
use Symfony\Component\HttpKernel\Exception\UnprocessableEntityHttpException;

/** A dossier that is not read, in the words of whoever brought it. Nothing of it is kept. */
final class DossierRefused extends UnprocessableEntityHttpException implements SaysItself
{
    /** @param string $why for whoever wrote the file: which field, which file */
    public static function unreadable(string $why): self
    {
        return new self(Words::of('dossier.unreadable', ['why' => $why]));
    }

    public static function lacks(string $file): self
    {
        return self::unreadable("{$file} is missing, too large, or not the file that was written.");
    }

    /** Somebody put another dog's visits into it, or a file of ours was altered. */
    public static function ofAnotherDog(string $id): self
    {
        return new self(Words::of('dossier.of_another_dog', ['id' => $id]));
    }

    public static function gone(): self
    {
        return new self(Words::of('dossier.gone'));
    }
}
