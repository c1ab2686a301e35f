<?php

declare(strict_types=1);

namespace HoundCheck\Core\House;

/** Changes that cannot become house rules: every problem, by the path of the rule. */
final class UnusableHouseRules extends \DomainException
{
    /** @param non-empty-array<string, RuleProblem> $problems by path */
    private function __construct(public readonly array $problems)
    {
        parent::__construct(implode(
            ', ',
            array_map(fn(string $path, RuleProblem $problem): string => "{$path}: {$problem->value}", array_keys($problems), $problems),
        ));
    }

    /** @param non-empty-array<string, RuleProblem> $problems by path */
    public static function because(array $problems): self
    {
        return new self($problems);
    }
}
