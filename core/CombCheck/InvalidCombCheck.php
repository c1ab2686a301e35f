<?php

declare(strict_types=1);

namespace HoundCheck\Core\CombCheck;

/** A comb result that no hand can find. `field` names what is wrong, `rule` what it must be. */
final class InvalidCombCheck extends \DomainException
{
    private function __construct(public readonly string $field, public readonly string $rule)
    {
        parent::__construct("{$field}: {$rule}");
    }

    public static function shareOutOfRange(): self
    {
        return new self('matted_share', 'must be between 0 and 1');
    }

    public static function negativeLength(string $field): self
    {
        return new self($field, 'must be 0 mm or more');
    }
}
