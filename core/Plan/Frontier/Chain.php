<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan\Frontier;

/** Sections decided one after the other; remembers the way to each part plan. */
final class Chain
{
    private Labels $labels;

    /** @var list<array{Column, list<int>, list<int>}> column, parents and picks of each step */
    private array $steps = [];

    public function __construct()
    {
        $this->labels = Labels::nothingYet();
    }

    /** @param Labels $choices of the column */
    public function add(Column $column, Labels $choices, RoomForWork $room): void
    {
        $picks = $choices->picks;
        $this->labels = Merge::of($this->labels, $choices, $room);
        $this->steps[] = [$column, $this->labels->parents, array_map(fn(int $pick): int => $picks[$pick], $this->labels->picks)];
    }

    public function labels(): Labels
    {
        return $this->labels;
    }

    /** @return array<string, int> index of the option taken, by section id */
    public function choicesOf(int $label): array
    {
        $choices = [];
        for ($step = count($this->steps) - 1; $step >= 0; $step--) {
            [$column, $parents, $picks] = $this->steps[$step];
            $choices[$column->section->value] = $picks[$label];
            $label = $parents[$label];
        }

        return $choices;
    }
}
