<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks;

/** A mark whose content makes no sense. `field` names the place, `problem` what to put there. */
final class UnreadableMark extends \DomainException
{
    private function __construct(public readonly string $field, public readonly string $problem)
    {
        parent::__construct("{$field} {$problem}");
    }

    public static function field(string $field, string $problem): self
    {
        return new self($field, $problem);
    }
}
