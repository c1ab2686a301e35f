<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan;

/**
 * What pulls at nothing fills the visits up, as late as it fits, the longest first; no visit is left without work. Room is
 * told apart in hundredths of a minute.
 */
final class FillingUp
{
    /** Figures are told apart from here. */
    private const NOTHING_MINUTES = 1e-6;

    /** Of all of it. */
    public readonly float $minutes;

    /** @var array<string, true> what was left and the room for it, where it did not fit */
    private array $failed = [];

    /** @param array<string, Option> $work by section id */
    public function __construct(private array $work)
    {
        uasort($this->work, fn(Option $one, Option $other): int => $other->minutes <=> $one->minutes);
        $this->minutes = (float) array_sum(array_map(fn(Option $option): float => $option->minutes, $work));
    }

    /**
     * @param list<array<string, Option>> $visits what each has already, by section id
     * @param array<int, float> $room minutes that each holds beside it
     *
     * @return list<array<string, Option>>|null null: it does not fit
     */
    public function into(array $visits, array $room): ?array
    {
        return $this->filled($visits, $room, $this->work);
    }

    /**
     * @param list<array<string, Option>> $visits
     * @param array<int, float> $room
     * @param array<string, Option> $rest by falling minutes
     *
     * @return list<array<string, Option>>|null
     */
    private function filled(array $visits, array $room, array $rest): ?array
    {
        $section = array_key_first($rest);
        if ($section === null) {
            return in_array([], $visits, true) ? null : $visits;
        }
        $state = count($rest).'|'.implode('|', array_map(fn(float $minutes): int => (int) floor($minutes * 100), $room));
        if (isset($this->failed[$state])) {
            return null;
        }
        $option = $rest[$section];
        unset($rest[$section]);
        for ($visit = count($visits) - 1; $visit >= 0; $visit--) {
            if ($option->minutes > $room[$visit] + self::NOTHING_MINUTES) {
                continue;
            }
            [$with, $left] = [$visits, $room];
            $with[$visit][$section] = $option;
            $left[$visit] -= $option->minutes;
            $filled = $this->filled(array_values($with), $left, $rest);
            if ($filled !== null) {
                return $filled;
            }
        }
        $this->failed[$state] = true;

        return null;
    }
}
