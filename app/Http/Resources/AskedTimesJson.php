<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Carbon\CarbonImmutable;
use HoundCheck\Core\Day\Alternative;
use HoundCheck\Core\Day\Asking;
use HoundCheck\Core\Day\DayForecast;
use HoundCheck\Core\Day\Draws;
use HoundCheck\Core\Day\OfferedTime;
use HoundCheck\Core\Day\PlannedDay;
use HoundCheck\Core\Day\PlannedDog;
use HoundCheck\Core\Day\Room;
use HoundCheck\Core\House\DayRules;

/** Times that a dog can come at, as the API tells them. Chances 0–1. */
final readonly class AskedTimesJson
{
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
            ...AppointmentJson::steps($dog->steps),
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
     * @param list<Room> $rooms
     *
     * @return array<string, mixed>
     */
    public function rooms(array $rooms): array
    {
        return ['rooms' => array_map(fn(Room $room): array => [
            'groomer' => $room->groomer,
            'from' => $this->times->at($room->from),
            'until' => $this->times->at($room->until),
        ], $rooms)];
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
            return [...self::nothing($now, $rules), ...AppointmentJson::steps($dog->steps)];
        }
        $then = DayForecast::of($day, $draws);
        $own = $then->ready[$dog->id];
        $promise = $day->dogs[count($day->dogs) - 1]->promised;
        $others = [];
        foreach ($then->ready as $id => $ready) {
            if ($id !== $dog->id && $ready->chance !== null) {
                $before = $now->ready[$id]->chance ?? $ready->chance;
                $others[] = [
                    'dog' => $id,
                    'name' => $names[$id] ?? '',
                    'from' => $before,
                    'to' => $ready->chance,
                    'tells' => Alternative::tells($before, $ready->chance),
                ];
            }
        }

        return [
            ...AppointmentJson::steps($dog->steps),
            'ready' => [
                'early' => $this->times->at($own->early),
                'likely' => $this->times->at($own->likely),
                'late' => $this->times->at($own->late),
            ],
            'promisedAt' => $this->times->at($promise),
            'chance' => $own->chance ?? 0.0,
            'chanceBy' => $this->times->curve($own, $dog->arrives, $rules),
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
}
