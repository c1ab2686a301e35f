<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day;

use HoundCheck\Core\House\DayRules;

/** The promise most in danger on a day, and what would save it: tried with the same draws, shown, never done by itself. */
final readonly class Advice
{
    /** So many alternatives at most are shown. */
    private const SHOWN = 3;

    /** So many dogs are tried at most in one way: those that press most. */
    private const TRIED_OF_A_KIND = 6;

    /** An alternative that gains less than this is none. */
    private const GAINS = 0.1;

    /**
     * @param string $dog whose promise it is
     * @param list<Alternative> $alternatives the best first; empty: nothing helps
     */
    private function __construct(public string $dog, public float $chance, public array $alternatives) {}

    /** @return self|null null: every promise is safe enough */
    public static function of(PlannedDay $day, DayForecast $forecast, Draws $draws, DayRules $rules): ?self
    {
        $chances = [];
        foreach ($forecast->ready as $dog => $ready) {
            if ($ready->chance !== null && $ready->chance < $rules->safeChance) {
                $chances[$dog] = $ready->chance;
            }
        }
        if ($chances === []) {
            return null;
        }
        asort($chances);
        $dog = (string) array_key_first($chances);
        $tried = array_filter(
            [...self::tried($day, $dog, $draws), ...self::newTime($day, $dog, $forecast, $draws, $rules)],
            fn(Alternative $one): bool => ($one->then->ready[$dog]->chance ?? 1.0) >= $chances[$dog] + self::GAINS - 1e-9,
        );
        $rank = fn(Alternative $one): array => self::rank($one, $forecast, $dog);
        usort($tried, fn(Alternative $one, Alternative $other): int => $rank($one) <=> $rank($other));

        return new self($dog, $chances[$dog], array_slice(self::bestOfEach($tried), 0, self::SHOWN));
    }

    /** @return list<Alternative> */
    private static function tried(PlannedDay $day, string $inDanger, Draws $draws): array
    {
        $tries = [[Act::OneMoreDryer, null, null, $day->withDryers($day->dryers + 1)]];
        $free = array_filter(self::mostPressing($day), fn(PlannedDog $dog): bool => ! $dog->inHand && ! $dog->isNext);
        foreach (self::few($free, fn(PlannedDog $dog): bool => $dog->arrives <= $day->start) as $dog) {
            $tries[] = [Act::TakeNext, $dog->id, $dog->groomer, $day->replacing($dog->takenNext())];
        }
        foreach (self::few($free, fn(PlannedDog $dog): bool => $dog->arrives > $day->start && $dog->id !== $inDanger) as $dog) {
            $tries[] = [Act::AnotherDay, $dog->id, null, $day->without($dog->id)];
        }
        $hands = self::dog($day, $inDanger)->groomer;
        $ofTheseHands = fn(PlannedDog $dog): bool => $dog->groomer !== null && ($hands === null || $dog->groomer === $hands);
        foreach (self::few($free, $ofTheseHands) as $dog) {
            foreach ($day->groomers as $groomer) {
                if ($dog->groomer !== $groomer->id) {
                    $tries[] = [Act::OtherGroomer, $dog->id, $groomer->id, $day->replacing($dog->of($groomer->id))];
                }
            }
        }

        return array_map(
            fn(array $try): Alternative => new Alternative($try[0], $try[1], $try[2], null, DayForecast::of($try[3], $draws)),
            $tries,
        );
    }

    /** @return list<PlannedDog> those first that have to be begun first for their promise to hold */
    private static function mostPressing(PlannedDay $day): array
    {
        $latest = fn(PlannedDog $dog): float => ($dog->promised ?? INF) - $dog->minutesLeft();
        $dogs = $day->dogs;
        usort($dogs, fn(PlannedDog $one, PlannedDog $other): int => $latest($one) <=> $latest($other));

        return $dogs;
    }

    /**
     * @param array<int, PlannedDog> $dogs
     * @param \Closure(PlannedDog): bool $which
     *
     * @return list<PlannedDog>
     */
    private static function few(array $dogs, \Closure $which): array
    {
        return array_slice(array_values(array_filter($dogs, $which)), 0, self::TRIED_OF_A_KIND);
    }

    private static function dog(PlannedDay $day, string $id): PlannedDog
    {
        return array_values(array_filter($day->dogs, fn(PlannedDog $one): bool => $one->id === $id))[0];
    }

    /**
     * The first mark of the clock at which the promise would be safe.
     *
     * @return list<Alternative> one or none
     */
    private static function newTime(PlannedDay $day, string $dog, DayForecast $forecast, Draws $draws, DayRules $rules): array
    {
        $safe = $forecast->ready[$dog]->at($rules->safeChance);
        if ($safe === null) {
            return [];
        }
        $promise = ceil($safe / $rules->promiseEveryMinutes) * $rules->promiseEveryMinutes;
        $with = $day->replacing(self::dog($day, $dog)->promisedAt($promise));

        return [new Alternative(Act::NewTime, $dog, null, $promise, DayForecast::of($with, $draws))];
    }

    /**
     * What keeps every promise comes before what keeps this one; of equals, what asks least of others.
     *
     * @return array{bool, float, int}
     */
    private static function rank(Alternative $one, DayForecast $now, string $dog): array
    {
        return [
            $one->costsMoreThanItMends($now, $dog),
            -round($one->then->weakest(), 1),
            (int) array_search($one->act, Act::cases(), true),
        ];
    }

    /**
     * @param list<Alternative> $ranked
     *
     * @return list<Alternative> the best of each kind
     */
    private static function bestOfEach(array $ranked): array
    {
        $best = [];
        foreach ($ranked as $one) {
            $best[$one->act->value] ??= $one;
        }

        return array_values($best);
    }
}
