<?php

declare(strict_types=1);

namespace Tests\Core;

use HoundCheck\Core\Gate\Salon;

/** A salon in which all but one are at work. */
final readonly class OneSalon implements Salon
{
    public function __construct(private bool $isHereAgain = false, private string $gone = '') {}

    public function isHereAgain(): bool
    {
        return $this->isHereAgain;
    }

    public function isAtWork(string $id): bool
    {
        return $id !== $this->gone;
    }
}
