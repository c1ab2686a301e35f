<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Database\DiskSpace;
use App\Schedule\DayVisits;
use HoundCheck\Core\Day\Attention;
use HoundCheck\Core\Day\DayFacts;
use HoundCheck\Core\Day\DayOrder;
use HoundCheck\Core\Day\Minutes;
use HoundCheck\Core\Effort\GroomerClocks;
use HoundCheck\Core\House\EffortRates;
use Illuminate\Support\Collection;

/** The day's dogs, in the order in which they need someone. */
final class DayJson
{
    /**
     * @param Collection<int, \stdClass> $visits rows of visits with their dog's, client's and groomer's names
     * @param \Closure(string|null, string): GroomerClocks $clocksOf by groomer's id and coat
     *
     * @return array<string, mixed>
     */
    public static function of(
        string $day,
        string $today,
        Collection $visits,
        EffortRates $rates,
        \Closure $clocksOf,
        \DateTimeImmutable $now,
    ): array {
        $facts = $visits->mapWithKeys(fn(\stdClass $visit): array => [$visit->id => DayVisits::facts($visit)->on($today)])->all();
        $clocks = $visits->mapWithKeys(fn(\stdClass $visit): array => [$visit->id => $clocksOf($visit->groomer_id, $visit->coat)])->all();
        $attention = $visits->mapWithKeys(fn(\stdClass $visit): array => [
            $visit->id => $facts[$visit->id]->at(
                $now->getTimestamp(),
                $today,
                self::utc($visit->promised_at)?->getTimestamp(),
                $rates,
                $clocks[$visit->id],
            ),
        ])->all();
        $byId = $visits->keyBy('id');
        $rows = array_map(
            fn(string $id): array => self::row($byId[$id], $facts[$id], $attention[$id], $clocks[$id]),
            DayOrder::of($attention),
        );

        return ['date' => $day, 'today' => $today, 'lowSpace' => DiskSpace::isLow(), 'dogs' => $rows];
    }

    /** @return array<string, mixed> */
    private static function row(\stdClass $visit, DayFacts $facts, Attention $attention, GroomerClocks $clocks): array
    {
        $arrived = self::utc($visit->arrived_at);
        $promised = self::utc($visit->promised_at);
        $age = $arrived?->diff(new \DateTimeImmutable($visit->born_on, new \DateTimeZone('UTC')));

        return [
            'id' => $visit->id,
            'dog' => [
                'name' => $visit->dog_name,
                'breed' => $visit->breed,
                'ageMonths' => $age === null ? 0 : 12 * $age->y + $age->m,
                'mind' => $visit->mind,
                'client' => $visit->client_name,
            ],
            'groomer' => $visit->groomer_name,
            'groomerId' => $visit->groomer_id,
            'turn' => $facts->turnMark === null ? null : ['id' => $facts->turnMark, 'next' => $facts->isNext],
            'promise' => $facts->promiseMark === null ? null : ['id' => $facts->promiseMark, 'told' => $facts->promiseTold],
            'readyToldAt' => $facts->readyToldAt === null ? null : Iso::of(new \DateTimeImmutable("@{$facts->readyToldAt}")),
            'day' => $visit->day,
            'arrivedAt' => Iso::of($arrived),
            'promisedAt' => Iso::of($promised),
            'lastMarkAt' => Iso::of(self::utc($visit->last_mark_at)),
            'stage' => $visit->stage,
            'grades' => $visit->grades,
            'matLoad' => (float) $visit->mat_load,
            'needs' => $attention->need->value,
            'neededIn' => $attention->inMinutes,
            'since' => $attention->since === null ? null : Iso::of(new \DateTimeImmutable("@{$attention->since}")),
            'work' => self::minutes($attention->work),
            'ready' => self::minutes($attention->ready),
            'guess' => $attention->guess,
            'fleas' => $facts->fleas,
            'onItsFeet' => ['minutes' => $facts->onItsFeetMinutes, 'most' => $facts->mostOnItsFeetMinutes],
            'toCheck' => $facts->toCheck,
            'undecided' => $facts->undecided,
            'passed' => $facts->passed,
            'parked' => $facts->parked,
            'secondLeft' => $facts->secondLeft,
            'areasDry' => $facts->areasDry,
            'spent' => $facts->spent,
            'answer' => $facts->answer,
            'shownAt' => $facts->shownAt === null ? null : Iso::of(new \DateTimeImmutable("@{$facts->shownAt}")),
            'workedMinutes' => $facts->workedMinutes,
            'forecastMinutes' => $facts->forecastMinutes * $clocks->table->factor(),
            'overMinutes' => $facts->overMinutes($clocks),
        ];
    }

    /** @return array{likely: float, from: float, to: float}|null */
    private static function minutes(?Minutes $minutes): ?array
    {
        return $minutes === null ? null : ['likely' => $minutes->likely, 'from' => $minutes->from, 'to' => $minutes->to];
    }

    private static function utc(?string $time): ?\DateTimeImmutable
    {
        return $time === null ? null : new \DateTimeImmutable($time, new \DateTimeZone('UTC'));
    }
}
