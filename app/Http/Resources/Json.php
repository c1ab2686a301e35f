<?php

declare(strict_types=1);

namespace App\Http\Resources;

/** JSON as the API gives it. A byte that is no text is replaced, so that nothing that was ever stored can break an answer. */
final class Json
{
    public const FLAGS = JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES;

    /** @param array<string, mixed> $answer */
    public static function of(array $answer): string
    {
        return json_encode($answer, self::FLAGS);
    }
}
