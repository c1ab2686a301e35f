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

    /**
     * @param DayForecast $forecast of the day, with `$draws`
     * @param Draws $rough the first few of them, to look for what helps
     *
     * @return self|null null: every promise is safe enough
     */
    public static function of(PlannedDay $day, DayForecast $forecast, Draws $rough, Draws $draws, DayRules $rules): ?self
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
        // Few runs say what is worth a look; what is shown was tried with as many as the list of the day.
        $tries = [...self::tries($day, $dog), ...self::newTime($day, $dog, $forecast, $rules)];
        $worth = self::ranked($tries, DayForecast::of($day, $rough), $rough, $dog);
        $shown = array_map(
            fn(Alternative $one): array => [$one->act, $one->dog, $one->groomer, $one->promise, $one->day],
            array_slice(self::bestOfEach($worth), 0, self::SHOWN),
        );

        return new self($dog, $chances[$dog], self::ranked($shown, $forecast, $draws, $dog));
    }

    /**
     * @param list<array{Act, string|null, string|null, float|null, PlannedDay}> $tries
     * @param DayForecast $now the day as it is, with the same draws
     *
     * @return list<Alternative> those that gain something, the best first
     */
    private static function ranked(array $tries, DayForecast $now, Draws $draws, string $dog): array
    {
        $before = $now->ready[$dog]->chance ?? 1.0;
        $tried = array_filter(
            array_map(fn(array $try): Alternative => new Alternative(...[...$try, DayForecast::of($try[4], $draws)]), $tries),
            fn(Alternative $one): bool => ($one->then->ready[$dog]->chance ?? 1.0) >= $before + self::GAINS - 1e-9,
        );
        $rank = fn(Alternative $one): array => self::rank($one, $now, $dog);
        usort($tried, fn(Alternative $one, Alternative $other): int => $rank($one) <=> $rank($other));

        return $tried;
    }

    /** @return list<array{Act, string|null, string|null, float|null, PlannedDay}> */
    private static function tries(PlannedDay $day, string $inDanger): array
    {
        $tries = [[Act::OneMoreDryer, null, null, null, $day->withDryers($day->dryers + 1)]];
        $free = array_filter(self::mostPressing($day), fn(PlannedDog $dog): bool => ! $dog->inHand && ! $dog->isNext);
        foreach (self::few($free, fn(PlannedDog $dog): bool => $dog->arrives <= $day->start) as $dog) {
            $tries[] = [Act::TakeNext, $dog->id, $dog->groomer, null, $day->replacing($dog->takenNext())];
        }
        foreach (self::few($free, fn(PlannedDog $dog): bool => $dog->arrives > $day->start && $dog->id !== $inDanger) as $dog) {
            $tries[] = [Act::AnotherDay, $dog->id, null, null, $day->without($dog->id)];
        }
        $hands = self::dog($day, $inDanger)->groomer;
        $ofTheseHands = fn(PlannedDog $dog): bool => $dog->groomer !== null && ($hands === null || $dog->groomer === $hands);
        foreach (self::few($free, $ofTheseHands) as $dog) {
            foreach ($day->groomers as $groomer) {
                if ($dog->groomer !== $groomer->id) {
                    $tries[] = [Act::OtherGroomer, $dog->id, $groomer->id, null, $day->replacing($dog->of($groomer->id))];
                }
            }
        }

        $here = fn(PlannedDog $dog): bool => $dog->arrives <= $day->start && $dog->inTwoVisits() !== null;
        foreach (self::few(self::mostPressing($day), $here) as $dog) {
            $tries[] = [Act::TwoVisits, $dog->id, null, null, $day->replacing($dog->inTwoVisits() ?? $dog)];
        }

        return $tries;
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
     * @return list<array{Act, string, null, float, PlannedDay}> one or none
     */
    private static function newTime(PlannedDay $day, string $dog, DayForecast $forecast, DayRules $rules): array
    {
        $safe = $forecast->ready[$dog]->at($rules->safeChance);
        if ($safe === null) {
            return [];
        }
        $promise = ceil($safe / $rules->promiseEveryMinutes) * $rules->promiseEveryMinutes;
        $with = $day->replacing(self::dog($day, $dog)->promisedAt($promise));

        return [[Act::NewTime, $dog, null, $promise, $with]];
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
