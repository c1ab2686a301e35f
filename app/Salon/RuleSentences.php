<?php

declare(strict_types=1);

namespace App\Salon;

use App\Words\Words;
use HoundCheck\Core\House\RuleFields;
use HoundCheck\Core\House\RuleProblem;
use HoundCheck\Core\House\UnusableHouseRules;

/** Why house rules cannot be used, in words. */
final class RuleSentences
{
    /** @return array<string, list<string>> by the path of the rule */
    public static function of(UnusableHouseRules $unusable): array
    {
        $sentences = [];
        foreach ($unusable->problems as $path => $problem) {
            $sentences[$path] = [self::sentence($problem, $path)];
        }

        return $sentences;
    }

    private static function sentence(RuleProblem $problem, string $path): string
    {
        $field = RuleFields::all()[$path] ?? null;

        return Words::of(
            "house.problems.{$problem->value}",
            ['least' => (string) $field?->least, 'most' => (string) $field?->most, 'unit' => $field?->unit->value ?? ''],
        );
    }
}
