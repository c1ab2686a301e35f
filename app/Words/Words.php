<?php

declare(strict_types=1);

namespace App\Words;

use MessageFormatter;

/** Sentences of the server, from `lang/`. */
final class Words
{
    /**
     * @param array<string, string|int|float> $named fills the sentence's ICU placeholders
     * @param string|null                     $in    null: the language of the request
     */
    public static function of(string $key, array $named = [], ?string $in = null): string
    {
        $locale = $in ?? app()->getLocale();
        $words = trans($key, [], $locale);

        return is_string($words) ? (MessageFormatter::formatMessage($locale, $words, $named) ?: $words) : $key;
    }
}
