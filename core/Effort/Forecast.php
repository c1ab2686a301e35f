<?php

declare(strict_types=1);

namespace HoundCheck\Core\Effort;

use HoundCheck\Core\House\EffortRates;

/** Minutes as the rules reckon them, as the salon's own clock corrects them, and the range they usually fall in. */
final readonly class Forecast
{
    private function __construct(public float $plain, public float $corrected, public float $usualFrom, public float $usualTo) {}

    /** Of one section. */
    public static function ofSection(float $minutes, GroomerClock $clock, EffortRates $rates): self
    {
        return self::of($minutes, $clock, $clock->range($rates->usualLow, $rates->usualHigh));
    }

    /** Of many sections together, such as a whole brush-out or what is left of it. */
    public static function ofMany(float $minutes, GroomerClock $clock, EffortRates $rates): self
    {
        return self::of($minutes, $clock, $clock->visitRange($rates->usualLow, $rates->usualHigh));
    }

    /** @param array{float, float} $range ratios to the plain forecast */
    private static function of(float $minutes, GroomerClock $clock, array $range): self
    {
        $factor = $clock->factor();
        [$from, $to] = $range;

        return new self($minutes, $minutes * $factor, $minutes * min($from, $factor), $minutes * max($to, $factor));
    }
}
