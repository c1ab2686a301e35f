<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day;

/** Minutes of every step of a day, run by run: log-normal around their medians. */
final class DrawnMinutes
{
    /** @var list<list<float>> by dog, by step */
    private array $medians = [];

    /** @var list<list<float>> */
    private array $spreads = [];

    /** @var list<list<int>> place of each step in the order of `Step`, by dog */
    private array $places = [];

    /** @var list<list<list<float>>> N(0, 1) by dog, run, step in the order of `Step` */
    private array $drawn = [];

    public function __construct(PlannedDay $day, Draws $draws)
    {
        $order = array_flip(array_column(Step::cases(), 'value'));
        foreach ($day->dogs as $dog) {
            $this->medians[] = array_map(fn(PlannedStep $step): float => $step->minutes, $dog->steps);
            $this->spreads[] = array_map(fn(PlannedStep $step): float => $step->spread, $dog->steps);
            $this->places[] = array_map(fn(PlannedStep $step): int => $order[$step->step->value], $dog->steps);
            $this->drawn[] = $draws->of($dog->id);
        }
    }

    /** @return list<list<float>> by dog, by step */
    public function of(int $run): array
    {
        $minutes = [];
        foreach ($this->medians as $dog => $steps) {
            $spreads = $this->spreads[$dog];
            $places = $this->places[$dog];
            $drawn = $this->drawn[$dog][$run];
            $mine = [];
            foreach ($steps as $step => $median) {
                $mine[] = $median * exp($spreads[$step] * $drawn[$places[$step]]);
            }
            $minutes[] = $mine;
        }

        return $minutes;
    }
}
