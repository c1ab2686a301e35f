<?php

declare(strict_types=1);

namespace App\CoatCase;

/** A file that is not a coat case. Each problem names the field. */
final class UnreadableCoatCase extends \RuntimeException
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
