<?php

declare(strict_types=1);

namespace HoundCheck\Core\Effort;

/**
 * A groomer's own clock for one kind of coat: how long finished sections, or drying, or the finish took against the forecast.
 *
 * factor = exp(Σ log r / (n + 5)), r = actual/forecast: five at the forecast are added, so that a few quick
 * ones do not turn it. The range is the one that 4 of 5 past ratios fell in, from ten on.
 */
final readonly class GroomerClock
{
    public const PSEUDO_TIMES = 5;

    /** Beyond this factor either way a clock was left running or was started late: that is no measure of the work. */
    public const BELIEVABLE = 6.0;

    /** Standard deviations from the middle of a normal distribution to where a tenth of it begins. */
    private const TENTH_FROM_THE_MIDDLE = 1.2815515655;

    /** Under this many a spread would be a guess. */
    private const FEW = 5;

    /** From so many on the range is what was seen; before that the house's own, widened to it. */
    private const RANGE_FROM = 10;

    /**
     * @param int $count of finished sections, of dryings or of finishes, each with a believable clock
     * @param float $logSum sum of the natural logarithms of r
     * @param list<float> $ratios r of the latest of them, newest first
     * @param list<float> $visitRatios r of the latest visits, newest first
     */
    public function __construct(
        public int $count = 0,
        public float $logSum = 0.0,
        private array $ratios = [],
        private array $visitRatios = [],
    ) {}

    public function factor(): float
    {
        return exp($this->logSum / ($this->count + self::PSEUDO_TIMES));
    }

    /**
     * @param float $low part of the factor that the house usually stays above, and `$high` below
     *
     * @return array{float, float} r that 4 of 5 past sections fell in; of few, the house's range widened to what was seen
     */
    public function range(float $low, float $high): array
    {
        return $this->usual($this->ratios, $low, $high);
    }

    /** @return array{float, float} the same of brush-outs, dryings or finishes as a whole */
    public function visitRange(float $low, float $high): array
    {
        return $this->usual($this->visitRatios, $low, $high);
    }

    /**
     * @param list<float> $ratios
     *
     * @return array{float, float}
     */
    private function usual(array $ratios, float $low, float $high): array
    {
        return count($ratios) < self::RANGE_FROM
            ? [min([$this->factor() * $low, ...$ratios]), max([$this->factor() * $high, ...$ratios])]
            : self::fourOfFive($ratios);
    }

    /** @return float|null of the logarithm of the minutes of a brush-out, a drying or a finish; null while there are too few */
    public function spread(): ?float
    {
        if (count($this->visitRatios) < self::FEW) {
            return null;
        }
        [$from, $to] = self::fourOfFive($this->visitRatios);

        return log($to / $from) / (2 * self::TENTH_FROM_THE_MIDDLE);
    }

    /**
     * How far the last forecasts were off: the middle one of |actual/corrected − 1|, each corrected only by what was
     * known before it.
     *
     * @return float|null part, such as 0.18; null while there are too few
     */
    public function off(int $last = 20): ?float
    {
        $sum = $this->logSum;
        $count = $this->count;
        $off = [];
        foreach (array_slice($this->ratios, 0, $last) as $ratio) {
            $sum -= log($ratio);
            $count--;
            $off[] = abs($ratio / exp($sum / ($count + self::PSEUDO_TIMES)) - 1);
        }

        return count($off) < self::FEW ? null : self::quantile($off, 0.5);
    }

    /** @return float|null r; null: no measure of the work */
    public static function ratio(float $forecastMinutes, float $minutes): ?float
    {
        $ratio = $forecastMinutes > 0 ? $minutes / $forecastMinutes : 0.0;

        return $ratio >= 1 / self::BELIEVABLE && $ratio <= self::BELIEVABLE ? $ratio : null;
    }

    /**
     * @param non-empty-list<float> $ratios
     *
     * @return array{float, float}
     */
    private static function fourOfFive(array $ratios): array
    {
        return [self::quantile($ratios, 0.1), self::quantile($ratios, 0.9)];
    }

    /** @param non-empty-list<float> $values */
    private static function quantile(array $values, float $part): float
    {
        sort($values);
        $place = $part * (count($values) - 1);
        $below = (int) floor($place);
        $above = (int) ceil($place);

        return $values[$below] + ($place - $below) * ($values[$above] - $values[$below]);
    }
}
