<?php

declare(strict_types=1);

namespace App\Words;

/** The languages that the server and the screens speak: each has a folder in `lang/`. */
final class Languages
{
    /** @return list<string> codes of two letters */
    public static function all(): array
    {
        return array_map(basename(...), glob(lang_path('*'), GLOB_ONLYDIR) ?: []);
    }

    /** What the salon speaks where nobody chose otherwise. */
    public static function ofTheSalon(): string
    {
        $language = (string) config('salon.language');

        return in_array($language, self::all(), true) ? $language : 'en';
    }
}
