<?php

declare(strict_types=1);

namespace App\Formats;

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Errors\ValidationError;

/** Turns a JSON Schema error into one plain line a field: `dog.coat: must be one of silky, curly, …`. */
final class SchemaProblems
{
    /** @return list<string> */
    public static function of(ValidationError $error): array
    {
        if ($error->keyword() === 'propertyNames' || $error->subErrors() === []) {
            return self::lines($error);
        }
        $lines = array_merge(...array_map(self::of(...), $error->subErrors()));

        return array_values(array_unique($lines));
    }

    /** @return list<string> */
    private static function lines(ValidationError $leaf): array
    {
        $arguments = $leaf->args();
        $path = array_values($leaf->data()->fullPath());

        return match ($leaf->keyword()) {
            'required' => self::each($path, $arguments['missing'] ?? [], 'is missing'),
            'additionalProperties' => self::each(
                $path,
                self::undeclared($leaf, $arguments['properties'] ?? []),
                'is not a field of this format',
            ),
            'propertyNames' => self::each($path, [$arguments['property'] ?? null], 'is not one of the 30 sections'),
            'type' => self::each($path, [null], 'must be of type '.implode(' or ', (array) ($arguments['expected'] ?? []))),
            'enum' => self::each($path, [null], 'must be one of '.self::allowed($leaf)),
            'const' => self::each($path, [null], 'must be '.json_encode($arguments['const'] ?? null, JSON_UNESCAPED_SLASHES)),
            'minimum' => self::each($path, [null], "must be {$arguments['min']} or more"),
            'maximum' => self::each($path, [null], "must be {$arguments['max']} or less"),
            default => self::each($path, [null], lcfirst((new ErrorFormatter)->formatErrorMessage($leaf))),
        };
    }

    /**
     * A declared property whose value is wrong counts as undeclared for the validator; it is reported on its own.
     *
     * @param list<string> $names
     *
     * @return list<string>
     */
    private static function undeclared(ValidationError $leaf, array $names): array
    {
        $declared = array_keys((array) ($leaf->schema()->info()->data()->properties ?? []));

        return array_values(array_diff($names, $declared));
    }

    private static function allowed(ValidationError $leaf): string
    {
        return implode(', ', (array) ($leaf->schema()->info()->data()->enum ?? []));
    }

    /**
     * @param list<int|string> $path
     * @param list<string|null> $names below the path; null for the path itself
     *
     * @return list<string>
     */
    private static function each(array $path, array $names, string $problem): array
    {
        return array_map(function (?string $name) use ($path, $problem): string {
            $field = implode('.', array_map(strval(...), $name === null ? $path : [...$path, $name]));

            return ($field === '' ? 'The file' : $field).": {$problem}";
        }, array_values($names));
    }
}
