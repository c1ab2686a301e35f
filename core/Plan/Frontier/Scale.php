<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan\Frontier;

/**
 * Whole numbers for the sums of the frontier, so that they are exact and plans that are equal by the law come out equal.
 *
 * A left and a right section with the same figures, or a group clipped by half of what shows (which loses just what it
 * gains in evenness), would differ in the last digit of floating sums. Here a coat part is the weight of a section, in
 * thousandths of a percent seen, times a ratio in thousand-millionths; the cost of unevenness is made from the same
 * ratios. All together stays far under the 1e-6 by which plans are told apart.
 */
final readonly class Scale
{
    private const RATIO = 1_000_000_000;

    /** Parts of the coat carry a factor for the cost of unevenness, which has three decimals. */
    private const PENALTY = 1000;

    private const MINUTE = 100_000_000;

    /** More than any dog is asked: at this a choice is out of reach, and the sums of 30 stay within 39 bits. */
    private const MOST_TENSION_MINUTES = 180.0;

    /** @param float $ratio 0–1 */
    public static function ratio(float $ratio): int
    {
        return (int) round($ratio * self::RATIO);
    }

    /** @param float $weight how much of what shows a section counts, in percent seen and prized */
    public static function weight(float $weight): int
    {
        return (int) round($weight * 1000);
    }

    /** What a section keeps. */
    public static function kept(int $weight, int $ratio): int
    {
        return self::PENALTY * $weight * $ratio;
    }

    /**
     * What uneven lengths cost.
     *
     * @param int $weight of all places that must match
     * @param float $penalty of complete unevenness, in parts of that weight
     * @param int $ratio of the shortest to the longest length
     */
    public static function uneven(int $weight, float $penalty, int $ratio): int
    {
        return (int) round($penalty * self::PENALTY) * $weight * (self::RATIO - $ratio);
    }

    /** Part of the coat, 0–1. */
    public static function part(int $kept, int $wholeWeight): float
    {
        return $kept / (self::PENALTY * self::RATIO * $wholeWeight);
    }

    public static function tension(float $minutes): int
    {
        return self::minutes(min($minutes, self::MOST_TENSION_MINUTES));
    }

    public static function minutes(float $minutes): int
    {
        return (int) round($minutes * self::MINUTE);
    }

    public static function fromMinutes(int $minutes): float
    {
        return $minutes / self::MINUTE;
    }
}
