<?php

declare(strict_types=1);

namespace App\Transfer\Import;

/** Which column of a table holds what: by its heading, and where that says nothing, by what stands in it. */
final readonly class ColumnGuess
{
    /** A heading that is the word itself, one that holds it, and what the values say by themselves. */
    private const SAME = 4;

    private const HOLDS = 3;

    private const BY_VALUES = 2;

    private const JUST_NAME = 1;

    /** So much of what is filled in has to be of one kind. */
    private const MOST_OF_THEM = 0.7;

    private const LOOKED_AT = 200;

    /** @return array<int, Field|null> by the column, from 0; each field at most once, but for what to mind */
    public static function of(CsvTable $table): array
    {
        $scores = [];
        foreach ($table->headings as $column => $heading) {
            foreach (self::byHeading($heading) as [$field, $score]) {
                $scores[] = [$score, $column, $field];
            }
            $field = self::byValues($table, $column);
            $field === null ?: $scores[] = [self::BY_VALUES, $column, $field];
        }
        // The surest first; of two that are as sure the one further left.
        usort($scores, fn(array $one, array $other): int => [$other[0], $one[1]] <=> [$one[0], $other[1]]);
        $guess = array_fill_keys(array_keys($table->headings), null);
        foreach ($scores as [, $column, $field]) {
            if ($guess[$column] === null && ($field->mayRepeat() || ! in_array($field, $guess, true))) {
                $guess[$column] = $field;
            }
        }

        return $guess;
    }

    /** @return list<array{Field, int}> */
    private static function byHeading(string $heading): array
    {
        $plain = Values::plain($heading);
        $found = [];
        foreach (Field::cases() as $field) {
            foreach ($field->headings() as $known) {
                if ($plain === $known) {
                    $found[] = [$field, self::SAME];
                } elseif (strlen($known) > 2 && preg_match('/\b'.preg_quote($known, '/').'/', $plain) === 1) {
                    $found[] = [$field, self::HOLDS];
                }
            }
        }
        // A bare "name" is the dog's, and where the dog has a column of its own, the client's.
        return $plain === 'name' ? [[Field::Dog, self::JUST_NAME], [Field::Client, self::JUST_NAME]] : $found;
    }

    private static function byValues(CsvTable $table, int $column): ?Field
    {
        $filled = array_filter(
            array_column(array_slice($table->rows, 0, self::LOOKED_AT), $column),
            fn(string $cell): bool => $cell !== '',
        );
        if ($filled === []) {
            return null;
        }
        $kinds = [
            [Field::Email, fn(string $cell): bool => Values::email($cell) !== null],
            [Field::BornOn, fn(string $cell): bool => DateOrder::parts($cell) !== null],
            [Field::Phone, fn(string $cell): bool => preg_match('~^[+(]?[\d\s()/.\-]{6,}$~', $cell) === 1],
            [Field::Weight, fn(string $cell): bool => preg_match('/^\d+([.,]\d+)?\s*(kg|lbs?)\.?$/i', $cell) === 1],
            [Field::Sex, fn(string $cell): bool => Values::sex($cell) !== null],
            [Field::Coat, fn(string $cell): bool => Coats::named($cell) !== null],
            [Field::Breed, fn(string $cell): bool => Coats::ofBreed($cell) !== null],
        ];
        foreach ($kinds as [$field, $is]) {
            if (count(array_filter($filled, $is)) >= self::MOST_OF_THEM * count($filled)) {
                return $field;
            }
        }

        return null;
    }
}
