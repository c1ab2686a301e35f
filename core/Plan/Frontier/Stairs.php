<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan\Frontier;

/**
 * The best of what came so far: more kept costs more minutes, step by step.
 *
 * Who comes later pulls at least as much, and so must stand above the stairs to be worth its place.
 */
final class Stairs
{
    /** @var list<int> rising */
    private array $keep = [];

    /** @var list<int> rising */
    private array $minutes = [];

    private int $count = 0;

    /** Whether nothing before keeps as much in as few minutes; then it becomes a stair, and those under it go. */
    public function admits(int $keep, int $minutes): bool
    {
        $low = 0;
        $high = $this->count;
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            if ($this->keep[$middle] >= $keep) {
                $high = $middle;
            } else {
                $low = $middle + 1;
            }
        }
        if ($low < $this->count && $this->minutes[$low] <= $minutes) {
            return false;
        }
        $first = $low;
        while ($first > 0 && $this->minutes[$first - 1] >= $minutes) {
            $first--;
        }
        $gone = $low - $first + (int) ($low < $this->count && $this->keep[$low] === $keep);
        array_splice($this->keep, $first, $gone, [$keep]);
        array_splice($this->minutes, $first, $gone, [$minutes]);
        $this->count += 1 - $gone;

        return true;
    }
}
