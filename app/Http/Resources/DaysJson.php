<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Schedule\Roster;
use HoundCheck\Core\Day\OnDuty;
use HoundCheck\Core\Day\PlannedDay;

/** One of the days to come, as the API tells it. */
final class DaysJson
{
    /**
     * @param list<array<string, mixed>> $appointments rows
     * @param array<string, mixed> $forecast as `DayForecastJson::of()` gives it
     *
     * @return array<string, mixed>
     */
    public static function day(string $date, Roster $roster, PlannedDay $planned, array $appointments, array $forecast): array
    {
        $times = new DayForecastJson(Roster::midnight($date));
        $names = $roster->names();

        return [
            'date' => $date,
            'closed' => $roster->closed($date),
            'groomers' => array_map(fn(OnDuty $one): array => [
                'id' => $one->id,
                'name' => $names[$one->id] ?? '',
                'from' => $times->at($one->from),
                'until' => $times->at($one->until),
            ], $planned->groomers),
            'appointments' => $appointments,
            'forecast' => $forecast,
        ];
    }
}
