<?php

declare(strict_types=1);

namespace App\Answers;

use Carbon\CarbonImmutable;
use HoundCheck\Core\Day\Asking;
use HoundCheck\Core\Day\DayForecast;
use HoundCheck\Core\Day\Draws;
use HoundCheck\Core\Day\OfferedTime;
use HoundCheck\Core\Day\PlannedDay;
use HoundCheck\Core\Day\PlannedDog;
use HoundCheck\Core\Day\PlannedStep;
use HoundCheck\Core\Day\ReadyAt;
use HoundCheck\Core\House\DayRules;

/** Times that a dog can come at, as the API tells them. Chances 0–1. */
final readonly class AskedTimesJson
{
    /** Promises are shown from so long before the dog may be ready to so long after it nearly surely is. */
    private const BEFORE_MINUTES = 45;

    private const AFTER_MINUTES = 45;

    private DayForecastJson $times;

    public function __construct(CarbonImmutable $midnight)
    {
        $this->times = new DayForecastJson($midnight);
    }

    /**
     * @param list<OfferedTime> $offers
     * @param array<string, string> $names of the day's dogs, by visit or appointment
     *
     * @return array<string, mixed>
     */
    public function times(array $offers, PlannedDog $dog, string $asked, array $names): array
    {
        return [
            'steps' => self::steps($dog),
            'times' => array_map(fn(OfferedTime $offer): array => [
                'groomer' => $offer->groomer,
                'startsAt' => $this->times->at($offer->startsAt),
                'promisedAt' => $this->times->at($offer->promise),
                'chance' => $offer->chance,
                'tightest' => $offer->tightest === $asked ? null : $names[$offer->tightest] ?? '',
                'tightestChance' => $offer->tightestChance,
            ], $offers),
        ];
    }

    /**
     * @param array<string, string> $names of the day's dogs, by visit or appointment
     *
     * @return array<string, mixed>
     */
    public function tried(PlannedDay $without, PlannedDog $dog, Asking $asking, Draws $draws, DayRules $rules, array $names): array
    {
        $now = DayForecast::of($without, $draws);
        $day = $asking->with($dog, $draws);
        if ($day === null) {
            return [...self::nothing($now, $rules), 'steps' => self::steps($dog)];
        }
        $then = DayForecast::of($day, $draws);
        $own = $then->ready[$dog->id];
        $promise = $day->dogs[count($day->dogs) - 1]->promised;
        $others = [];
        foreach ($then->ready as $id => $ready) {
            if ($id !== $dog->id && $ready->chance !== null) {
                $others[] = ['dog' => $id, 'name' => $names[$id] ?? '', 'from' => $now->ready[$id]->chance, 'to' => $ready->chance];
            }
        }

        return [
            'steps' => self::steps($dog),
            'ready' => [
                'early' => $this->times->at($own->early),
                'likely' => $this->times->at($own->likely),
                'late' => $this->times->at($own->late),
            ],
            'promisedAt' => $this->times->at($promise),
            'chance' => $own->chance ?? 0.0,
            'chanceBy' => $this->curve($dog, $own, $rules),
            'others' => $others,
            'holdWithout' => $now->weakest(),
            'holdWith' => min([1.0, ...array_column($others, 'to')]),
            'safe' => $rules->safeChance,
        ];
    }

    /**
     * The dog is not ready on that day surely enough, whatever is promised.
     *
     * @return array<string, mixed>
     */
    private static function nothing(DayForecast $now, DayRules $rules): array
    {
        return [
            'ready' => null,
            'promisedAt' => null,
            'chance' => 0.0,
            'chanceBy' => [],
            'others' => [],
            'holdWithout' => $now->weakest(),
            'holdWith' => 0.0,
            'safe' => $rules->safeChance,
        ];
    }

    /** @return list<array{at: string|null, chance: float}> the chance of each promise that could be given, on the marks of the clock */
    private function curve(PlannedDog $dog, ReadyAt $ready, DayRules $rules): array
    {
        $every = $rules->promiseEveryMinutes;
        $first = floor(max($dog->arrives, ($ready->early ?? $dog->arrives) - self::BEFORE_MINUTES) / $every) * $every;
        $last = ceil((($ready->late ?? $first) + self::AFTER_MINUTES) / $every) * $every;
        $curve = [];
        for ($minute = $first; $minute <= $last; $minute += $every) {
            $curve[] = ['at' => $this->times->at($minute), 'chance' => $ready->chanceBy($minute)];
        }

        return $curve;
    }

    /** @return list<array{step: string, likely: float, from: float, to: float}> */
    private static function steps(PlannedDog $dog): array
    {
        return array_map(fn(PlannedStep $step): array => AppointmentJson::step($step), $dog->steps);
    }
}
