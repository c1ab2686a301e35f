<?php

declare(strict_types=1);

namespace App\Formats;

/** A file that is not of the format it should be. Each problem names the field. */
final class UnreadableFile extends \RuntimeException
{
    /** @param list<string> $problems */
    private function __construct(public readonly array $problems)
    {
        parent::__construct(implode("\n", $problems));
    }

    public static function notJson(string $why): self
    {
        return new self(["The file is not JSON: {$why}."]);
    }

    /** @param list<string> $problems */
    public static function fields(array $problems): self
    {
        return new self($problems);
    }
}
