<?php

declare(strict_types=1);

namespace Tests\Core\House;

use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\House\RuleField;
use HoundCheck\Core\House\RuleFields;

/** `docs/house-rules.md`: every rule a salon may set, its range and what it starts with. Written by `php tests/Core/House/write.php`. */
final class RulePage
{
    public const PATH = __DIR__.'/../../../docs/house-rules.md';

    private const HEAD = <<<'TEXT'
        # House rules

        Every rule that a salon may set, with the range it may be set in and the value it starts with. These are rules of thumb
        of the trade, never clinical limits; the grade table is not among them. A test holds this page equal to the code.

        | rule | unit | from | to | starts with |
        | --- | --- | --- | --- | --- |

        TEXT;

    public static function text(): string
    {
        $start = HouseRules::shop()->flat();

        return self::HEAD.implode('', array_map(
            fn(RuleField $field): string => self::row($field, $start[$field->path]),
            RuleFields::all(),
        ));
    }

    private static function row(RuleField $field, mixed $start): string
    {
        $cells = [
            "`{$field->path}`",
            $field->unit->value ?? $field->kind->value,
            $field->least ?? implode(' / ', $field->options),
            $field->most ?? '',
            is_array($start) ? implode(', ', $start) : var_export($start, true),
        ];

        return '| '.implode(' | ', $cells)." |\n";
    }
}
