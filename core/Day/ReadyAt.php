<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day;

use HoundCheck\Core\House\DayRules;

/** When a dog is ready by many runs of its day, in minutes after midnight. */
final readonly class ReadyAt
{
    /** Within so many minutes of a promise it is kept. */
    private const INSTANT = 0.000001;

    /** Promises are looked at from so long before it may be ready to so long after it nearly surely is. */
    private const AROUND_MINUTES = 45;

    /**
     * @param float|null $early one run in ten is ready before it; null: not even those are ready today
     * @param float|null $likely the middle run
     * @param float|null $late nine in ten are ready by then
     * @param float|null $chance 0–1 that the promise holds; null: nothing was promised
     * @param float $notToday chance 0–1 that a step is left undone
     * @param list<float|null> $tenths where one run in ten after the other ends: the middle of each tenth
     * @param list<float> $runs all of them, rising; INF: not today
     */
    private function __construct(
        public ?float $early,
        public ?float $likely,
        public ?float $late,
        public ?float $chance,
        public float $notToday,
        public array $tenths,
        private array $runs,
    ) {}

    /** @param list<float> $runs at least one; INF: not today */
    public static function of(array $runs, ?float $promised): self
    {
        sort($runs);
        $count = count($runs);
        $at = fn(float $part): ?float => self::finite($runs[(int) round($part * ($count - 1))]);
        $left = count(array_filter($runs, is_infinite(...)));
        $held = $promised === null ? null : count(array_filter($runs, fn(float $at): bool => self::holds($at, $promised)));

        return new self(
            $at(0.1),
            $at(0.5),
            $at(0.9),
            $held === null ? null : $held / $count,
            $left / $count,
            array_map(fn(int $tenth): ?float => $at(($tenth + 0.5) / 10), range(0, 9)),
            $runs,
        );
    }

    /** When it is ready in this part of the runs at least; null: not today. */
    public function at(float $chance): ?float
    {
        return self::finite($this->runs[max(0, (int) ceil($chance * count($this->runs)) - 1)]);
    }

    /** The chance 0–1 that it is ready by a minute. */
    public function chanceBy(float $minute): float
    {
        return count(array_filter($this->runs, fn(float $at): bool => self::holds($at, $minute))) / count($this->runs);
    }

    /**
     * The chance of each promise that could be given, on the marks of the clock.
     *
     * @param float $from no promise lies before it
     *
     * @return list<array{float, float}> minute and chance, rising
     */
    public function promises(float $from, DayRules $rules): array
    {
        $every = $rules->promiseEveryMinutes;
        $first = ceil(max($from, ($this->early ?? $from) - self::AROUND_MINUTES) / $every) * $every;
        $last = ceil((($this->late ?? $first) + self::AROUND_MINUTES) / $every) * $every;
        $promises = [];
        for ($minute = $first; $minute <= $last; $minute += $every) {
            $promises[] = [$minute, $this->chanceBy($minute)];
        }

        return $promises;
    }

    public static function holds(?float $ready, ?float $promised): bool
    {
        return $promised === null || $ready !== null && $ready <= $promised + self::INSTANT;
    }

    private static function finite(float $at): ?float
    {
        return is_finite($at) ? $at : null;
    }
}
