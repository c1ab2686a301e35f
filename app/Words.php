<?php

declare(strict_types=1);

namespace App;

/** Sentences of the server, from `lang/`. */
final class Words
{
    /** @param array<string, string|int|float> $replace */
    public static function of(string $key, array $replace = []): string
    {
        $words = __($key, $replace);

        return is_string($words) ? $words : $key;
    }
}
