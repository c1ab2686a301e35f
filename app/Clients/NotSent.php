<?php

declare(strict_types=1);

namespace App\Clients;

use RuntimeException;

/** A message did not go out; it is tried again, or waits for an address. */
final class NotSent extends RuntimeException
{
    public const NO_ADDRESS = 'no_address';

    public const NO_WAY = 'no_way';

    public const NO_SENDER = 'no_sender';

    private function __construct(public readonly string $problem, public readonly bool $forGood, ?\Throwable $cause = null)
    {
        parent::__construct($problem, 0, $cause);
    }

    public static function noAddress(): self
    {
        return new self(self::NO_ADDRESS, true);
    }

    /** Nobody sends here: it is passed on by hand. */
    public static function noSender(): self
    {
        return new self(self::NO_SENDER, true);
    }

    public static function noWay(\Throwable $cause): self
    {
        return new self(self::NO_WAY, false, $cause);
    }
}
