<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day;

/** How one run of a day went. */
final readonly class DayOutcome
{
    /**
     * @param array<int, float|null> $ready minute after midnight of each dog in the day's order; null: a step is left undone
     * @param array<int, bool> $begun whether any step of the dog was begun
     * @param array<int, float> $waited dog-minutes for hands, table, tub and dryer
     * @param list<array{float, int, int, int}> $starts minute, places of groomer and dog in the day's lists, and of the step in the dog's
     */
    public function __construct(public array $ready, public array $begun, public array $waited, public array $starts) {}

    /** What dogs waited for longest; null: no dog waited. */
    public function bottleneck(): ?Bottleneck
    {
        $most = max(0.0, ...$this->waited);

        return $most <= 0.0 ? null : Bottleneck::cases()[(int) array_search($most, $this->waited, true)];
    }
}
