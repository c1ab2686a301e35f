<?php

declare(strict_types=1);

namespace HoundCheck\Core\CombCheck;

/** A comb result that no hand can find: a share beyond 0–1, a length below 0 mm. `field` names what is wrong. */
final class InvalidCombCheck extends \DomainException
{
    private function __construct(public readonly string $field)
    {
        parent::__construct($field);
    }

    public static function shareOutOfRange(): self
    {
        return new self('matted_share');
    }

    public static function nothingCombed(): self
    {
        return new self('comb');
    }

    public static function negativeLength(string $field): self
    {
        return new self($field);
    }
}
