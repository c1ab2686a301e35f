<?php

declare(strict_types=1);

namespace App\Messages;

use RuntimeException;

/** A message did not go out; it is tried again, or waits for an address. */
final class NotSent extends RuntimeException
{
    private function __construct(public readonly string $problem, public readonly bool $forGood, ?\Throwable $cause = null)
    {
        parent::__construct($problem, 0, $cause);
    }

    public static function noAddress(): self
    {
        return new self('no_address', true);
    }

    public static function noWay(\Throwable $cause): self
    {
        return new self('no_way', false, $cause);
    }
}
