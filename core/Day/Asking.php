<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day;

use HoundCheck\Core\House\DayRules;

/**
 * Whether a day can take one dog more: a time is one only if every promise of the day still holds surely enough, and one that did
 * not before holds no less surely.
 */
final readonly class Asking
{
    /** A dog is tried every half hour. */
    private const EVERY_MINUTES = 30.0;

    private const ROOM_EVERY_MINUTES = 60.0;

    /** Until its own promise is known, a dog is reckoned with as if promised this many times its minutes after it comes. */
    private const ROUGHLY = 1.3;

    /** @param Draws $rough few runs, to look for times */
    public function __construct(private PlannedDay $day, private DayRules $rules, private Draws $rough, private Draws $draws) {}

    /**
     * The earliest time of each groomer; of starts with the same promise the latest, as the dog waits least then.
     *
     * @param PlannedDog $dog with its steps; when it comes and what is promised is what is asked
     *
     * @return list<OfferedTime> the earliest promise first
     */
    public function times(PlannedDog $dog): array
    {
        $times = [];
        $roughBars = $this->bars($this->rough);
        $bars = $this->bars($this->draws);
        foreach ($this->day->groomers as $groomer) {
            $time = $this->earliest($dog, $groomer, $roughBars, $bars);
            if ($time !== null) {
                $times[] = $time;
            }
        }
        usort($times, fn(OfferedTime $one, OfferedTime $other): int => $one->promise <=> $other->promise);

        return $times;
    }

    /**
     * @param array<string, float> $roughBars
     * @param array<string, float> $bars
     */
    private function earliest(PlannedDog $dog, OnDuty $groomer, array $roughBars, array $bars): ?OfferedTime
    {
        $best = null;
        for ($start = $this->firstStart($groomer); $start < $groomer->until; $start += self::EVERY_MINUTES) {
            $offer = $this->tryAt($dog, $groomer, $start, $this->rough, $roughBars);
            if ($offer !== null && ($best === null || $offer->promise <= $best->promise)) {
                $best = $offer;
            }
            $isLast = $start + self::EVERY_MINUTES >= $groomer->until;
            if ($best !== null && ($isLast || $start + $dog->minutesLeft() > $best->promise)) {
                // Near the bar few runs say too little: what is offered was tried with all of them, or is looked for further on.
                $sure = $this->tryAt($dog, $groomer, $best->startsAt, $this->draws, $bars);
                if ($sure !== null) {
                    return $sure;
                }
                $best = null;
            }
        }

        return null;
    }

    /**
     * Where the day has room for a dog like this, tried hour by hour with the few runs: free hands alone are no room.
     *
     * @return list<Room> by groomer in the day's order, then by time
     */
    public function rooms(PlannedDog $dog): array
    {
        $rooms = [];
        $bars = $this->bars($this->rough);
        foreach ($this->day->groomers as $groomer) {
            $held = [];
            for ($start = $this->firstStart($groomer); $start < $groomer->until; $start += self::ROOM_EVERY_MINUTES) {
                $offer = $this->tryAt($dog, $groomer, $start, $this->rough, $bars);
                if ($offer !== null) {
                    $held[] = $offer;
                } elseif ($held !== []) {
                    $rooms[] = self::room($held);
                    $held = [];
                }
            }
            if ($held !== []) {
                $rooms[] = self::room($held);
            }
        }

        return $rooms;
    }

    /** @param non-empty-list<OfferedTime> $held one after the other, by the same groomer */
    private static function room(array $held): Room
    {
        $first = $held[0];
        // Who comes while the hands are full only waits: the room begins so long before the first promise as a dog takes that does not.
        $least = min(array_map(fn(OfferedTime $one): float => $one->promise - $one->startsAt, $held));
        $until = max(array_map(fn(OfferedTime $one): float => $one->promise, $held));

        return new Room($first->groomer, max($first->startsAt, $first->promise - $least), $until);
    }

    /** The day with the dog in it, its promise where it is safe; null: it is not ready on that day surely enough. */
    public function with(PlannedDog $dog, Draws $draws): ?PlannedDay
    {
        $asked = $dog->promised === null ? $dog->promisedAt($dog->arrives + self::ROUGHLY * $dog->minutesLeft()) : $dog;
        $day = $this->day->withDogs([...$this->day->dogs, $asked]);
        if ($dog->promised !== null) {
            return $day;
        }
        $safe = DayForecast::of($day, $draws)->ready[$dog->id]->at($this->rules->safeChance);

        return $safe === null ? null : $this->day->withDogs([...$this->day->dogs, $asked->promisedAt($this->onTheMark($safe))]);
    }

    /**
     * How surely each promise of the day has to hold: surely enough, or as it does without the dog.
     *
     * @return array<string, float> chance 0–1 by dog id
     */
    private function bars(Draws $draws): array
    {
        return array_map(
            fn(ReadyAt $ready): float => min($ready->chance ?? 1.0, $this->rules->safeChance),
            DayForecast::of($this->day, $draws)->ready,
        );
    }

    /** @param array<string, float> $bars as `bars` with the same draws has them */
    private function tryAt(PlannedDog $dog, OnDuty $groomer, float $start, Draws $draws, array $bars): ?OfferedTime
    {
        $day = $this->with($dog->of($groomer->id)->arrivesAt($start), $draws);
        if ($day === null) {
            return null;
        }
        $promise = $day->dogs[count($day->dogs) - 1]->promised ?? INF;
        $forecast = DayForecast::of($day, $draws);
        $chances = array_filter(array_map(fn(ReadyAt $ready): ?float => $ready->chance, $forecast->ready), is_float(...));
        asort($chances);
        $tightest = (string) array_key_first($chances);
        $lost = array_filter(
            $chances,
            fn(float $chance, string|int $id): bool => $chance < ($bars[$id] ?? $this->rules->safeChance),
            ARRAY_FILTER_USE_BOTH,
        );
        if ($promise > $groomer->until || $lost !== []) {
            return null;
        }

        return new OfferedTime($groomer->id, $start, $promise, $chances[$dog->id], $tightest, $chances[$tightest]);
    }

    /** The first half hour of the clock at which the groomer is there and the day has begun. */
    private function firstStart(OnDuty $groomer): float
    {
        return ceil(max($groomer->from, $this->day->start) / self::EVERY_MINUTES) * self::EVERY_MINUTES;
    }

    private function onTheMark(float $minute): float
    {
        return ceil($minute / $this->rules->promiseEveryMinutes) * $this->rules->promiseEveryMinutes;
    }
}
