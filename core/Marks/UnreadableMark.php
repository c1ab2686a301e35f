<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks;

/** A mark whose content makes no sense. `field` names the place, `problem` and its figures what is wrong there. */
final class UnreadableMark extends \DomainException
{
    /** @param array<string, string|int|float> $figures of the problem, by name */
    private function __construct(
        public readonly string $field,
        public readonly MarkProblem $problem,
        public readonly array $figures,
    ) {
        parent::__construct("{$field}: {$problem->value}");
    }

    /** @param array<string, string|int|float> $figures */
    public static function field(string $field, MarkProblem $problem, array $figures = []): self
    {
        return new self($field, $problem, $figures);
    }

    public static function isNeeded(string $field): self
    {
        return new self($field, MarkProblem::Needed, []);
    }
}
