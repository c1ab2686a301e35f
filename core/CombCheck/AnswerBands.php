<?php

declare(strict_types=1);

namespace HoundCheck\Core\CombCheck;

/** The answers to a question that differ for the grade: each enum case, and one value on each side of every threshold. */
final readonly class AnswerBands
{
    /** Thresholds by answer: values within one band grade alike. */
    public const THRESHOLDS = [
        'mattedShare' => [Grader::MAT_SHARE, Grader::PELTED_SHARE],
        'largestMm' => [Grader::SMALL_MAT_MM, Grader::MAT_LARGEST_MM],
        'liftMm' => [Grader::TIGHT_LIFT_MM],
    ];

    /** @return list<array<string, mixed>> answers for `CombCheck::with()` */
    public static function answersTo(Question $question): array
    {
        return match ($question) {
            Question::Comb => self::each('comb', Comb::cases()),
            Question::SkinLine => self::each('skinLine', SkinLine::cases()),
            Question::Opens => self::each('opens', Opens::cases()),
            Question::MattedShare => self::each('mattedShare', [0.0, ...self::THRESHOLDS['mattedShare']]),
            Question::LiftMm => self::each('liftMm', [0.0, ...self::THRESHOLDS['liftMm']]),
        };
    }

    /**
     * @param list<mixed> $values
     *
     * @return list<array<string, mixed>>
     */
    private static function each(string $name, array $values): array
    {
        return array_map(fn(mixed $value): array => [$name => $value], $values);
    }
}
