<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\HouseRulesVersion;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\House\RuleField;
use HoundCheck\Core\House\RuleFields;

/** House rules as the owner's screen sets them: a value by path, and what each may be. */
final class HouseRulesJson
{
    /** @return array<string, mixed> */
    public static function of(HouseRulesVersion $version): array
    {
        return [
            ...self::head($version),
            'values' => $version->toCore()->flat(),
            'start' => HouseRules::shop()->flat(),
            'fields' => array_values(array_map(self::field(...), RuleFields::all())),
        ];
    }

    /**
     * @param HouseRulesVersion|null $before the version that this one followed
     *
     * @return array<string, mixed>
     */
    public static function inHistory(HouseRulesVersion $version, ?HouseRulesVersion $before): array
    {
        $changes = $before?->toCore()->changesTo($version->toCore()) ?? [];

        return [
            ...self::head($version),
            'changes' => array_map(
                fn(string $path, array $change): array => ['path' => $path, ...$change],
                array_keys($changes),
                array_values($changes),
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function head(HouseRulesVersion $version): array
    {
        return [
            'version' => $version->version,
            'since' => Iso::of($version->created_at),
            'by' => $version->staff?->name,
            'note' => $version->note,
            'putBack' => $version->put_back,
        ];
    }

    /** @return array<string, mixed> */
    private static function field(RuleField $field): array
    {
        return [
            'path' => $field->path,
            'kind' => $field->kind->value,
            'unit' => $field->unit?->value,
            'least' => $field->least,
            'most' => $field->most,
            'options' => $field->options,
        ];
    }
}
