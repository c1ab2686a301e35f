<?php

declare(strict_types=1);

namespace App\Schedule;

use App\Models\Visit;
use App\Visits\OpenVisit;
use HoundCheck\Core\Day\DayFacts;
use Illuminate\Support\Collection;

/** The visits of a day as plain rows: they are asked for every few seconds by every tablet. */
final class DayVisits
{
    /**
     * @param string $day Y-m-d in the salon
     * @param bool $isToday a dog that nobody closed the day before is still here
     *
     * @return Collection<int, \stdClass> rows of visits with their dog's, client's and groomer's names
     */
    public static function on(string $day, bool $isToday): Collection
    {
        return Visit::query()
            ->join('dogs', 'dogs.id', '=', 'visits.dog_id')
            ->join('clients', 'clients.id', '=', 'dogs.client_id')
            ->leftJoin('staff', 'staff.id', '=', 'visits.groomer_id')
            ->where('visits.day', $day)
            ->when(
                $isToday,
                fn($query) => $query->orWhere(fn($left) => $left->whereNull('visits.closed_at')->where('visits.day', '<', $day)),
            )
            ->toBase()
            ->get([
                'visits.*',
                'dogs.name as dog_name',
                'dogs.breed',
                'dogs.born_on',
                'dogs.coat',
                'dogs.mind',
                'clients.name as client_name',
                'staff.name as groomer_name',
            ]);
    }

    /** Where an earlier version wrote other facts, or none, they are made anew from the marks. */
    public static function facts(\stdClass $visit): DayFacts
    {
        $kept = $visit->day_facts === null ? null : DayFacts::fromArray(json_decode($visit->day_facts, true));
        if ($kept !== null) {
            return $kept;
        }
        $open = OpenVisit::load(Visit::query()->whereKey((string) $visit->id)->firstOrFail());

        return DayFacts::of($open->report, $open->state->hands->lastAt ?? $open->visit->arrived_at);
    }
}
