<?php

declare(strict_types=1);

namespace Database\Demo;

use HoundCheck\Core\CombCheck\Comb;
use HoundCheck\Core\CombCheck\Opens;
use HoundCheck\Core\CombCheck\SkinLine;

/** A comb result in shorthand: `0`, `1`, `packed`, or grade/matted share/lift such as `3/0.2/7`. */
final class CombResult
{
    private const FAR_FROM_SKIN_MM = 13.0;

    /** @return array<string, mixed> the payload of a comb check mark */
    public static function payload(string $shorthand): array
    {
        [$grade, $share, $lift] = [...explode('/', $shorthand), null, null];
        [$comb, $skinLine, $opens] = match ($grade) {
            '0' => [Comb::Glides, SkinLine::Clear, null],
            '1' => [Comb::Catches, SkinLine::Clear, null],
            'packed' => [Comb::Catches, SkinLine::Packed, null],
            '2' => [Comb::Stops, SkinLine::Clear, Opens::Fingers],
            '3' => [Comb::Stops, SkinLine::Patchy, Opens::Tool],
            '4' => [Comb::CannotEnter, SkinLine::Patchy, null],
            default => [Comb::CannotEnter, SkinLine::Hidden, null],
        };

        return array_filter([
            'comb' => $comb->value,
            'skinLine' => $skinLine->value,
            'opens' => $opens?->value,
            'mattedShare' => $share === null ? null : (float) $share,
            'liftMm' => $lift === null ? ($share === null ? null : self::FAR_FROM_SKIN_MM) : (float) $lift,
        ], fn(mixed $value): bool => $value !== null);
    }
}
