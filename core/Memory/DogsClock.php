<?php

declare(strict_types=1);

namespace HoundCheck\Core\Memory;

use HoundCheck\Core\Coat\BodyPart;
use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\House\MemoryRules;

/**
 * How fast this dog mats, and each part of it, learned from what its inspections found.
 *
 * log days = usual + z + u: z the dog's own, normal around 0 with sd 0.35; u the part's own, left and right together, with sd
 * 0.20. The posterior is exact on a grid: z −1.4 … 1.4 by 0.05, u −0.6 … 0.6 by 0.1, parts independent given z. Predictions need
 * only each part's distribution of z + u, which lies on −2 … 2 by 0.05. Neither is shown as a number.
 */
final readonly class DogsClock
{
    private const STEP = 0.05;

    /** In steps, to each side of 0. */
    private const Z_STEPS = 28;

    private const Z_SD = 0.35;

    private const U_STEPS = 12;

    private const U_EVERY = 2;

    private const U_SD = 0.2;

    private const SUM_STEPS = self::Z_STEPS + self::U_STEPS;

    /**
     * @param non-empty-list<float> $chances of z, by grid point
     * @param array<string, array<int, float>> $spreads chances of z + u by grid point, by part
     * @param list<float> $shrinks e^(−2s) by grid point of s = z + u
     */
    private function __construct(
        private MattingScale $scale,
        private array $chances,
        private array $spreads,
        private array $shrinks,
    ) {}

    /** @param list<PastInterval> $past none: a dog like every other of its coat */
    public static function learned(CoatType $coat, array $past, MemoryRules $rules): self
    {
        $scale = new MattingScale($coat, $rules);
        $shrinks = array_map(fn(int $step): float => exp(-2 * self::STEP * $step), range(-self::SUM_STEPS, self::SUM_STEPS));
        $seen = self::seen($past, $scale, $shrinks);
        $partWeights = self::weights(self::U_STEPS, self::U_EVERY, self::U_SD);

        // Logs throughout: what forty visits tell of a part is far below what a float holds.
        $logZ = array_map(log(...), self::weights(self::Z_STEPS, 1, self::Z_SD));
        $together = [];
        foreach ($seen as $part => $logs) {
            $together[$part] = array_map(fn(int $z): float => self::logOfSum($partWeights, $logs, $z), array_keys($logZ));
            $logZ = array_map(fn(float $log, float $more): float => $log + $more, $logZ, $together[$part]);
        }
        $most = max($logZ);
        $chances = self::normalised(array_map(fn(float $log): float => exp($log - $most), $logZ));

        $spreads = [];
        foreach (BodyPart::cases() as $part) {
            $spread = array_fill(0, count($shrinks), 0.0);
            $logs = $seen[$part->value] ?? null;
            foreach ($chances as $z => $chance) {
                foreach ($partWeights as $u => $weight) {
                    $at = $z + $u * self::U_EVERY;
                    $spread[$at] += $chance * $weight * ($logs === null ? 1.0 : exp($logs[$at] - $together[$part->value][$z]));
                }
            }
            $spreads[$part->value] = $spread;
        }

        return new self($scale, $chances, $spreads, $shrinks);
    }

    /** Mean of z: over 0 mats slower than the usual dog of its coat. Kept for the record and for checks, never shown. */
    public function mean(): float
    {
        return $this->moment(fn(float $z): float => $z);
    }

    /** Standard deviation of z. */
    public function sd(): float
    {
        $mean = $this->mean();

        return sqrt($this->moment(fn(float $z): float => ($z - $mean) ** 2));
    }

    /**
     * How likely a section has reached each grade or worse.
     *
     * @param float $exposure of `MattingScale`, 0 or more
     *
     * @return array<int, float> 0–1, by grade 2–5
     */
    public function chances(Section $section, float $exposure): array
    {
        $chances = [];
        foreach ([Grade::Tangle, Grade::Mat, Grade::TightMat, Grade::Pelted] as $grade) {
            $chances[$grade->value] = $this->chance($section, $grade, $exposure);
        }

        return $chances;
    }

    /** How likely a section has reached a grade, Tangle or worse: 0–1. */
    public function chance(Section $section, Grade $atLeast, float $exposure): float
    {
        $x = $exposure / $this->scale->gradeSquared($atLeast);
        $not = 0.0;
        foreach ($this->spreads[$section->part()->value] as $at => $chance) {
            $not += $chance * exp(-$x * $this->shrinks[$at]);
        }

        return 1 - $not;
    }

    /**
     * Log likelihood of everything seen at a part, by grid point of z + u.
     *
     * @param list<PastInterval> $past
     * @param list<float> $shrinks
     *
     * @return array<string, array<int, float>> by part; one at which nothing was seen is missing
     */
    private static function seen(array $past, MattingScale $scale, array $shrinks): array
    {
        $seen = [];
        foreach ($past as $interval) {
            foreach (Section::cases() as $section) {
                $known = $interval->at($section);
                if ($known === null) {
                    continue;
                }
                [$days, $grade] = $known;
                $x = $scale->exposure($section, $days, $interval->lengthsMm[$section->value], $interval->life);
                // Over a grade's own and under the next one's: 1 − exp is kept exact where it is tiny.
                $own = $grade->isMatted() ? $x / $scale->gradeSquared($grade) : null;
                $next = $grade === Grade::Pelted ? null : $x / $scale->gradeSquared(Grade::from(max($grade->value, Grade::Drag->value) + 1));
                $part = $section->part()->value;
                $logs = $seen[$part] ?? array_fill(0, count($shrinks), 0.0);
                foreach ($shrinks as $at => $shrink) {
                    $logs[$at] -= ($next ?? 0.0) * $shrink;
                    if ($own !== null) {
                        $logs[$at] += log(-expm1(-($own - ($next ?? 0.0)) * $shrink));
                    }
                }
                $seen[$part] = $logs;
            }
        }

        return $seen;
    }

    /**
     * How likely what was seen at a part is at one z, over all u; as a logarithm.
     *
     * @param non-empty-list<float> $partWeights
     * @param array<int, float> $logs
     */
    private static function logOfSum(array $partWeights, array $logs, int $z): float
    {
        $most = max(array_map(fn(int $u): float => $logs[$z + $u * self::U_EVERY], array_keys($partWeights)));
        $sum = 0.0;
        foreach ($partWeights as $u => $weight) {
            $sum += $weight * exp($logs[$z + $u * self::U_EVERY] - $most);
        }

        return $most + log($sum);
    }

    /**
     * A normal curve on the grid.
     *
     * @return non-empty-list<float>
     */
    private static function weights(int $steps, int $every, float $sd): array
    {
        return self::normalised(array_map(
            fn(int $step): float => exp(-(($step * self::STEP) ** 2) / (2 * $sd ** 2)),
            range(-$steps, $steps, $every),
        ));
    }

    /**
     * @param non-empty-list<float> $weights
     *
     * @return non-empty-list<float> the same, summing up to 1
     */
    private static function normalised(array $weights): array
    {
        $sum = array_sum($weights);

        return array_map(fn(float $weight): float => $weight / $sum, $weights);
    }

    /** @param \Closure(float): float $of */
    private function moment(\Closure $of): float
    {
        $sum = 0.0;
        foreach ($this->chances as $at => $chance) {
            $sum += $chance * $of(($at - self::Z_STEPS) * self::STEP);
        }

        return $sum;
    }
}
