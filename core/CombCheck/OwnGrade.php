<?php

declare(strict_types=1);

namespace HoundCheck\Core\CombCheck;

/**
 * The groomer's own grade for a section, where it differs from the rule's. Both are kept, with the reason.
 *
 * It was set against one grade of the rule and holds while the rule still gives that one: after the comb has found
 * something else there, the groomer judges anew.
 */
final readonly class OwnGrade
{
    public function __construct(public Grade $grade, public Grade $instead, public string $reason) {}

    public function holdsAgainst(Grading $byRule): bool
    {
        return $byRule->grade === $this->instead;
    }
}
