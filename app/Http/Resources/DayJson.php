<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Answers\Iso;
use App\Http\DiskSpace;
use App\Models\Visit;
use App\Visits\OpenVisit;
use HoundCheck\Core\Day\DayFacts;
use HoundCheck\Core\Day\Minutes;
use HoundCheck\Core\Day\Need;
use HoundCheck\Core\Effort\GroomerClock;
use HoundCheck\Core\House\EffortRates;
use Illuminate\Support\Collection;

/** The day's dogs, in the order in which they need someone. */
final class DayJson
{
    /**
     * @param Collection<int, \stdClass> $visits rows of visits with their dog's, client's and groomer's names
     * @param \Closure(string|null, string): GroomerClock $clockOf by groomer's id and coat
     *
     * @return array<string, mixed>
     */
    public static function of(string $day, string $today, Collection $visits, EffortRates $rates, \Closure $clockOf, \DateTimeImmutable $now): array
    {
        $rows = $visits->map(fn(\stdClass $visit): array => self::row($visit, $rates, $clockOf($visit->groomer_id, $visit->coat), $now->getTimestamp(), $today))->all();
        // Now before later; of those that need someone now, the one that has waited longest.
        usort($rows, fn(array $one, array $other): int => [$one['needs'] === Need::Nothing->value, $one['neededIn'], $one['since'] ?? '', Need::from($one['needs'])->rank(), $one['id']]
            <=> [$other['needs'] === Need::Nothing->value, $other['neededIn'], $other['since'] ?? '', Need::from($other['needs'])->rank(), $other['id']]);

        return ['date' => $day, 'today' => $today, 'lowSpace' => DiskSpace::isLow(), 'dogs' => $rows];
    }

    /** @return array<string, mixed> */
    private static function row(\stdClass $visit, EffortRates $rates, GroomerClock $clock, int $now, string $today): array
    {
        $arrived = self::utc($visit->arrived_at);
        $promised = self::utc($visit->promised_at);
        $age = $arrived?->diff(new \DateTimeImmutable($visit->born_on, new \DateTimeZone('UTC')));
        $facts = self::facts($visit)->on($today);
        $attention = $facts->at($now, $today, $promised?->getTimestamp(), $rates, $clock);

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
            'forecastMinutes' => $facts->forecastMinutes * $clock->factor(),
            'overMinutes' => $facts->overMinutes($clock),
        ];
    }

    /** Where an earlier version wrote other facts, or none, they are made anew from the marks. */
    private static function facts(\stdClass $visit): DayFacts
    {
        $kept = $visit->day_facts === null ? null : DayFacts::fromArray(json_decode($visit->day_facts, true));
        if ($kept !== null) {
            return $kept;
        }
        $open = OpenVisit::load(Visit::query()->whereKey((string) $visit->id)->firstOrFail());

        return DayFacts::of($open->report, $open->state->lastAt ?? $open->visit->arrived_at);
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
