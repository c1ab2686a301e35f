<?php

declare(strict_types=1);

namespace HoundCheck\Core\House;

use HoundCheck\Core\Coat\RouteSchool;
use HoundCheck\Core\Coat\Section;

/** Sets house rules: each value held against its field, and the values against each other. */
final readonly class RuleChanges
{
    /** Cutters of one kind: more lie in no drawer, and a plan names each by one character. */
    private const MOST_LENGTHS = 14;

    /**
     * @param array<string, mixed> $changes new values by path
     *
     * @throws UnusableHouseRules with every problem at once
     */
    public static function apply(HouseRules $rules, array $changes): HouseRules
    {
        $fields = RuleFields::all();
        $problems = [];
        foreach ($changes as $path => $value) {
            $problem = isset($fields[$path]) ? self::problem($fields[$path], $value) : RuleProblem::NoSuchRule;
            if ($problem !== null) {
                $problems[$path] = $problem;
            } elseif ($fields[$path]->kind === RuleKind::Lengths) {
                sort($changes[$path]);
            }
        }
        if ($problems !== []) {
            throw UnusableHouseRules::because($problems);
        }
        $flat = [...$rules->flat(), ...$changes];
        $problems = self::clashes($flat);
        if ($problems !== []) {
            throw UnusableHouseRules::because($problems);
        }

        return HouseRules::fromArray(HouseRules::nested($flat));
    }

    private static function problem(RuleField $field, mixed $value): ?RuleProblem
    {
        return match ($field->kind) {
            RuleKind::Number => self::numberProblem($field, $value),
            RuleKind::YesNo => is_bool($value) ? null : RuleProblem::NotYesOrNo,
            RuleKind::Choice => in_array($value, $field->options, true) ? null : RuleProblem::NotAChoice,
            RuleKind::Lengths => self::lengthsProblem($field, $value),
            RuleKind::Route => self::routeProblem($value),
        };
    }

    private static function numberProblem(RuleField $field, mixed $value): ?RuleProblem
    {
        return match (true) {
            ! is_int($value) && ! is_float($value) => RuleProblem::NotANumber,
            $field->unit === RuleUnit::Cents && ! is_int($value) => RuleProblem::NotWholeCents,
            in_array($field->unit, [RuleUnit::Count, RuleUnit::WholeMinutes], true) && ! is_int($value) => RuleProblem::NotWhole,
            $value < $field->least || $value > $field->most => RuleProblem::OutOfRange,
            default => null,
        };
    }

    private static function lengthsProblem(RuleField $field, mixed $value): ?RuleProblem
    {
        if (! is_array($value) || ! array_is_list($value)) {
            return RuleProblem::NotLengths;
        }
        if (count($value) > self::MOST_LENGTHS) {
            return RuleProblem::TooManyLengths;
        }
        foreach ($value as $length) {
            $problem = self::numberProblem($field, $length) ?? (abs(round($length, 1) - $length) > 1e-9 ? RuleProblem::NotTenths : null);
            if ($problem !== null) {
                return $problem;
            }
        }

        return count(array_unique($value)) < count($value) ? RuleProblem::LengthTwice : null;
    }

    /** Empty, or each of the 30 once. */
    private static function routeProblem(mixed $value): ?RuleProblem
    {
        $all = array_column(Section::cases(), 'value');
        $known = is_array($value) && array_is_list($value) && array_diff($all, $value) === [] && count($value) === count($all);

        return $value === [] || $known ? null : RuleProblem::RouteIncomplete;
    }

    /**
     * @param array<string, mixed> $flat all rules as they would be
     *
     * @return array<string, RuleProblem> by path
     */
    private static function clashes(array $flat): array
    {
        $shortest = $flat['plan.shortestClipMm'];
        $planned = array_filter($flat['kit.bladesMm'], fn(int|float $mm): bool => $mm >= $shortest);

        return array_filter([
            'kit.bladesMm' => $planned === [] ? RuleProblem::NoBladeToPlanWith : null,
            'schools.ownRoute' => $flat['schools.route'] === RouteSchool::Own->value && $flat['schools.ownRoute'] === []
                ? RuleProblem::RouteIncomplete
                : null,
            'effort.lineLengthMax' => $flat['effort.lineLengthMax'] < $flat['effort.lineLengthMin']
                ? RuleProblem::MostUnderLeast
                : null,
        ]);
    }
}
