<?php

declare(strict_types=1);

namespace App\Words;

use MessageFormatter;

/** The screens' sentences, for what is said on paper as it is on the screen: one file each, whoever reads it. */
final class ScreenWords
{
    /** @var array<string, array<string, mixed>> chapters by language and name */
    private static array $chapters = [];

    public function __construct(public readonly string $language) {}

    /**
     * @param string $key chapter, then the sentence's place in it
     * @param array<string, string|int> $named figures of a plural as numbers, all else as it is written
     *
     * @throws \OutOfBoundsException where no sentence has this name
     */
    public function of(string $key, array $named = []): string
    {
        $sentence = $this->at($key) ?? throw new \OutOfBoundsException("There is no sentence {$key}.");

        return $named === [] ? $sentence : (string) MessageFormatter::formatMessage($this->language, $sentence, $named);
    }

    public function has(string $key): bool
    {
        return $this->at($key) !== null;
    }

    private function at(string $key): ?string
    {
        [$chapter, $place] = explode('.', $key, 2);
        $at = self::$chapters["{$this->language}/{$chapter}"] ??= $this->read($chapter);
        foreach (explode('.', $place) as $name) {
            $at = is_array($at) ? $at[$name] ?? null : null;
        }

        return is_string($at) ? $at : null;
    }

    /** @return array<string, mixed> */
    private function read(string $chapter): array
    {
        $path = resource_path("js/messages/{$this->language}/{$chapter}.json");

        return is_file($path) ? json_decode((string) file_get_contents($path), true, flags: JSON_THROW_ON_ERROR)[$chapter] : [];
    }
}
