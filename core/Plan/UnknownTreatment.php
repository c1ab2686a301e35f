<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan;

/** A treatment code that names nothing the plan knows. */
final class UnknownTreatment extends \DomainException
{
    private function __construct(public readonly string $given)
    {
        parent::__construct("treatment: {$given}");
    }

    public static function code(string $code): self
    {
        return new self($code);
    }
}
