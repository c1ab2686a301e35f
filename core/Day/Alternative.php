<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day;

/** One thing that could be done, with what the same draws come to then. */
final readonly class Alternative
{
    /** Chances that differ by less are the same in words. */
    private const TELLS = 0.1;

    /**
     * @param string|null $dog that is taken next, changes hands, gets a new time or comes another day
     * @param string|null $groomer who takes it
     * @param float|null $promise the new time, minute after midnight
     * @param PlannedDay $day with it done
     * @param DayForecast $then what that comes to
     */
    public function __construct(
        public Act $act,
        public ?string $dog,
        public ?string $groomer,
        public ?float $promise,
        public PlannedDay $day,
        public DayForecast $then,
    ) {}

    /** Whether a promise moves so far that it is told. */
    public static function tells(float $from, float $to): bool
    {
        return abs($to - $from) >= self::TELLS - 1e-9;
    }

    /**
     * Promises that move by one in ten or more.
     *
     * @return array<string, array{float, float}> chance before and with it, by dog id
     */
    public function moves(DayForecast $now): array
    {
        $moves = [];
        foreach ($this->then->ready as $dog => $ready) {
            $before = $now->ready[$dog]->chance ?? null;
            if ($ready->chance !== null && $before !== null && self::tells($before, $ready->chance)) {
                $moves[$dog] = [$before, $ready->chance];
            }
        }

        return $moves;
    }

    /** Some other promise gets weaker by more than the one in danger gains. */
    public function costsMoreThanItMends(DayForecast $now, string $inDanger): bool
    {
        $moves = $this->moves($now);
        $gain = isset($moves[$inDanger]) ? $moves[$inDanger][1] - $moves[$inDanger][0] : 0.0;
        $losses = array_map(fn(array $move): float => max(0.0, $move[0] - $move[1]), array_diff_key($moves, [$inDanger => 1]));

        return $losses !== [] && max($losses) > $gain + 1e-9;
    }
}
