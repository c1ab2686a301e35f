<?php

declare(strict_types=1);

namespace App\Words;

use Illuminate\Support\Arr;
use MessageFormatter;

/** The sentences of a language, from `lang/`: one file a chapter, whoever speaks it, as ICU messages. */
final class Words
{
    /** @var array<string, array<string, mixed>> chapters by language and name */
    private static array $chapters = [];

    public function __construct(public readonly string $language) {}

    /**
     * A sentence that the server alone says, from the chapter of that name.
     *
     * @param array<string, string|int|float> $named figures of a plural as numbers, all else as it is written
     * @param string|null                     $in    null: the language of the request
     */
    public static function of(string $key, array $named = [], ?string $in = null): string
    {
        return (new self($in ?? app()->getLocale()))->say("server.{$key}", $named);
    }

    /**
     * @param string                          $key   chapter, then the sentence's place in it
     * @param array<string, string|int|float> $named figures of a plural as numbers, all else as it is written
     *
     * @throws \OutOfBoundsException where no sentence has this name
     */
    public function say(string $key, array $named = []): string
    {
        $sentence = $this->at($key);

        return is_string($sentence)
            ? (string) MessageFormatter::formatMessage($this->language, $sentence, $named)
            : throw new \OutOfBoundsException("There is no sentence {$key}.");
    }

    public function has(string $key): bool
    {
        return is_string($this->at($key));
    }

    /**
     * @param string $key chapter, then the group's place in it
     *
     * @return array<string, mixed> sentences by their names, as they stand in the file
     */
    public function group(string $key): array
    {
        return (array) $this->at($key);
    }

    private function at(string $key): mixed
    {
        $chapter = strtok($key, '.');

        return Arr::get(self::$chapters["{$this->language}/{$chapter}"] ??= $this->read((string) $chapter), $key);
    }

    /** @return array<string, mixed> */
    private function read(string $chapter): array
    {
        $path = lang_path("{$this->language}/{$chapter}.json");

        return is_file($path) ? (array) json_decode((string) file_get_contents($path), true, flags: JSON_THROW_ON_ERROR) : [];
    }
}
