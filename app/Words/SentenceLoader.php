<?php

declare(strict_types=1);

namespace App\Words;

use Illuminate\Translation\FileLoader;

/** Gives Laravel its own groups of sentences, such as those of the validator, from the chapter of the server. */
final class SentenceLoader extends FileLoader
{
    /**
     * @param array<int, string> $paths
     * @param string             $locale
     * @param string             $group
     *
     * @return array<string, mixed>
     */
    protected function loadPaths(array $paths, $locale, $group): array
    {
        return (new Words($locale))->group("server.{$group}");
    }
}
