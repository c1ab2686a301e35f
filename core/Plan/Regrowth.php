<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan;

use HoundCheck\Core\Coat\CoatType;

/** How long a clipped coat grows back to a length: a range, and a rule of thumb. A double coat gives no range. */
final readonly class Regrowth
{
    private const DAYS_A_MONTH = 30.4375;

    private function __construct(public float $fewestWeeks, public float $mostWeeks) {}

    /**
     * (wanted − left) / rate; rates in mm a month: silky, curly, mixed 8–15, wire 8–12, smooth as wire.
     *
     * @return self|null null: a double coat may regrow unevenly, or take a year or more
     */
    public static function of(CoatType $coat, float $wantedMm, float $leftMm): ?self
    {
        $rate = match ($coat) {
            CoatType::Double => null,
            CoatType::Wire, CoatType::Smooth => [8.0, 12.0],
            CoatType::Silky, CoatType::Curly, CoatType::Mixed => [8.0, 15.0],
        };
        if ($rate === null) {
            return null;
        }
        $missing = max(0.0, $wantedMm - $leftMm);
        $weeks = self::DAYS_A_MONTH / 7;

        return new self($missing / $rate[1] * $weeks, $missing / $rate[0] * $weeks);
    }
}
