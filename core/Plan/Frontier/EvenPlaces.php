<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan\Frontier;

/**
 * The part plans of places that must match in length, the cost of not matching taken off.
 *
 * For each pair of a shortest and a longest length that occur, the sections are decided between the two. What a pair
 * charges is never too little, and the pair of a plan's own lengths charges it exactly; so the best over all pairs is
 * exact.
 */
final class EvenPlaces
{
    public readonly Labels $labels;

    /** @var list<Chain> of each pair */
    private array $chains = [];

    /** @var list<array{int, int}> chain and label in it, for each label */
    private array $origins = [];

    /**
     * @param list<Column> $columns
     * @param float $penalty what complete unevenness costs, in parts of what shows of them
     * @param float $evenFrom from this part of the longest length on two lengths look even
     * @param bool $oneLength only plans that leave all of them at one length
     * @param list<RoomForWork> $rooms after each of the columns
     * @param bool $minutesMatter whether a plan can run out of table time
     */
    public function __construct(
        private readonly array $columns,
        private readonly float $penalty,
        private readonly float $evenFrom,
        bool $oneLength,
        private readonly array $rooms,
        private readonly bool $minutesMatter,
    ) {
        $all = new Labels;
        foreach ($this->lengths() as $longest) {
            foreach ($this->lengths() as $shortest) {
                if ($shortest > $longest || ($oneLength && $shortest < $longest)) {
                    continue;
                }
                $this->between($shortest, $longest, $all);
            }
        }
        $this->labels = $this->best($all, $rooms[count($rooms) - 1]);
    }

    /** @return array<string, int> index of the option taken, by section id */
    public function choicesOf(int $label): array
    {
        [$chain, $own] = $this->origins[$this->labels->picks[$label]];

        return $this->chains[$chain]->choicesOf($own);
    }

    /** @return list<float> that occur after some choice, in mm */
    private function lengths(): array
    {
        $lengths = [];
        foreach ($this->columns as $column) {
            foreach ($column->lengthsMm as $length) {
                $lengths[(string) $length] = $length;
            }
        }

        return array_values($lengths);
    }

    private function between(float $shortestMm, float $longestMm, Labels $all): void
    {
        $choices = [];
        $reachesShortest = $reachesLongest = false;
        foreach ($this->columns as $column) {
            $labels = $column->between($shortestMm, $longestMm, $this->minutesMatter);
            if ($labels->keep === []) {
                return;
            }
            foreach ($labels->picks as $pick) {
                $reachesShortest = $reachesShortest || $column->lengthsMm[$pick] === $shortestMm;
                $reachesLongest = $reachesLongest || $column->lengthsMm[$pick] === $longestMm;
            }
            $choices[] = $labels;
        }
        // A narrower pair charges less for the same plans.
        if (! $reachesShortest || ! $reachesLongest) {
            return;
        }
        $chain = new Chain;
        foreach ($this->columns as $index => $column) {
            $chain->add($column, $choices[$index], $this->rooms[$index]);
        }
        $weight = array_sum(array_map(fn(Column $column): int => $column->weight, $this->columns));
        $ratio = $shortestMm / $longestMm;
        $charge = $ratio >= $this->evenFrom ? 0 : Scale::uneven($weight, $this->penalty, Scale::ratio($ratio));
        $labels = $chain->labels();
        foreach ($labels->keep as $index => $keep) {
            $all->keep[] = $keep - $charge;
            $all->tension[] = $labels->tension[$index];
            $all->minutes[] = $labels->minutes[$index];
            $this->origins[] = [count($this->chains), $index];
        }
        $this->chains[] = $chain;
    }

    private function best(Labels $all, RoomForWork $room): Labels
    {
        // Merging asks for the order of tension.
        $order = array_keys($all->tension);
        array_multisort($all->tension, $all->keep, $all->minutes, $order);
        $best = Merge::of(Labels::nothingYet(), $all, $room);
        $best->picks = array_map(fn(int $pick): int => $order[$pick], $best->picks);

        return $best;
    }
}
