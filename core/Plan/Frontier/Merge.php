<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan\Frontier;

/** Adds each of some choices to each of some part plans, and drops what another does not worse in every way. */
final readonly class Merge
{
    /** Bits of a sort key that hold the candidate's index: 16 million candidates. */
    private const INDEX_BITS = 24;

    private const INDEX_MASK = (1 << self::INDEX_BITS) - 1;

    /**
     * A part plan is dropped when another keeps at least as much, pulls no more, and takes no longer; minutes up to the
     * room's `enoughMinutes` count as equal, as no completion can run out of time. Of equals the quickest stays.
     *
     * @param Labels $add what may be added, one of them
     */
    public static function of(Labels $base, Labels $add, RoomForWork $room): Labels
    {
        if ($add->count() === 1) {
            return self::withOne($base, $add, $room);
        }
        [$keep, $minutes, $parents, $picks, $keys] = self::candidates($base, $add, $room);
        sort($keys);

        return self::undominated(
            self::bestFirstWithinEqualTension($keys, $keep, $minutes),
            $keep,
            $minutes,
            $parents,
            $picks,
            $room->enoughMinutes,
        );
    }

    /** The same added to all: the order stays, and who beats whom. */
    private static function withOne(Labels $base, Labels $add, RoomForWork $room): Labels
    {
        $merged = new Labels;
        [$keep, $tension, $minutes] = [$add->keep[0], $add->tension[0], $add->minutes[0]];
        foreach ($base->tension as $parent => $baseTension) {
            if ($baseTension + $tension > $room->mostTension) {
                break;
            }
            if ($base->minutes[$parent] + $minutes <= $room->mostMinutes) {
                $merged->keep[] = $base->keep[$parent] + $keep;
                $merged->tension[] = $baseTension + $tension;
                $merged->minutes[] = $base->minutes[$parent] + $minutes;
                $merged->parents[] = $parent;
                $merged->picks[] = 0;
            }
        }

        return $merged;
    }

    /**
     * @return array{list<int>, list<int>, list<int>, list<int>, list<int>} keep, minutes, parents, picks, and sort keys of tension and
     *   index
     */
    private static function candidates(Labels $base, Labels $add, RoomForWork $room): array
    {
        $keep = $minutes = $parents = $picks = $keys = [];
        $index = 0;
        [$baseKeep, $baseMinutes] = [$base->keep, $base->minutes];
        [$addKeep, $addTension, $addMinutes] = [$add->keep, $add->tension, $add->minutes];
        foreach ($base->tension as $parent => $baseTension) {
            $tensionLeft = $room->mostTension - $baseTension;
            $minutesLeft = $room->mostMinutes - $baseMinutes[$parent];
            foreach ($addTension as $pick => $tension) {
                if ($tension > $tensionLeft) {
                    break;
                }
                if ($addMinutes[$pick] > $minutesLeft) {
                    continue;
                }
                $keep[] = $baseKeep[$parent] + $addKeep[$pick];
                $minutes[] = $baseMinutes[$parent] + $addMinutes[$pick];
                $parents[] = $parent;
                $picks[] = $pick;
                $keys[] = ($baseTension + $tension) << self::INDEX_BITS | $index++;
            }
        }

        if ($index > self::INDEX_MASK) {
            throw TooManyPlans::candidates($index);
        }

        return [$keep, $minutes, $parents, $picks, $keys];
    }

    /**
     * @param list<int> $keys sorted
     * @param list<int> $keep by index
     * @param list<int> $minutes by index
     *
     * @return list<int> the same, of equal tension the most kept first, of equally much the quickest
     */
    private static function bestFirstWithinEqualTension(array $keys, array $keep, array $minutes): array
    {
        $count = count($keys);
        for ($start = 0; $start < $count; $start = $end) {
            $tension = $keys[$start] >> self::INDEX_BITS;
            $end = $start + 1;
            while ($end < $count && $keys[$end] >> self::INDEX_BITS === $tension) {
                $end++;
            }
            if ($end - $start > 1) {
                $run = array_slice($keys, $start, $end - $start);
                usort($run, fn(int $one, int $other): int => $keep[$other & self::INDEX_MASK] <=> $keep[$one & self::INDEX_MASK]
                    ?: $minutes[$one & self::INDEX_MASK] <=> $minutes[$other & self::INDEX_MASK]);
                array_splice($keys, $start, $end - $start, $run);
            }
        }

        return $keys;
    }

    /**
     * @param list<int> $keys in the order of tension, then of what is kept
     * @param list<int> $keep
     * @param list<int> $minutes
     * @param list<int> $parents
     * @param list<int> $picks
     */
    private static function undominated(array $keys, array $keep, array $minutes, array $parents, array $picks, int $enoughMinutes): Labels
    {
        $kept = new Labels;
        $stairs = new Stairs;
        foreach ($keys as $key) {
            $index = $key & self::INDEX_MASK;
            if ($stairs->admits($keep[$index], max($minutes[$index], $enoughMinutes))) {
                $kept->keep[] = $keep[$index];
                $kept->tension[] = $key >> self::INDEX_BITS;
                $kept->minutes[] = $minutes[$index];
                $kept->parents[] = $parents[$index];
                $kept->picks[] = $picks[$index];
            }
        }

        return $kept;
    }
}
