<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Visit;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Visit\Need;
use Illuminate\Support\Collection;

/** The day's dogs, in the order in which they need someone. */
final class DayJson
{
    /**
     * @param Collection<int, Visit> $visits
     *
     * @return array<string, mixed>
     */
    public static function of(CarbonImmutable $day, Collection $visits): array
    {
        $rows = $visits->map(self::row(...))->all();
        $rank = fn(array $row): int => Need::from($row['needs'])->rank();
        usort($rows, fn(array $one, array $other): int => [$rank($one), $one['lastMarkAt'], $one['id']] <=> [$rank($other), $other['lastMarkAt'], $other['id']]);

        return ['date' => $day->toDateString(), 'dogs' => $rows];
    }

    /** @return array<string, mixed> */
    private static function row(Visit $visit): array
    {
        $need = Need::of($visit->stage, $visit->to_check, $visit->undecided);

        return [
            'id' => $visit->id,
            'dog' => [
                'name' => $visit->dog->name,
                'breed' => $visit->dog->breed,
                'ageMonths' => $visit->dog->ageMonths($visit->arrived_at),
                'mind' => $visit->dog->mind,
                'client' => $visit->dog->client->name,
            ],
            'groomer' => $visit->groomer?->name,
            'day' => $visit->day->toDateString(),
            'arrivedAt' => Iso::of($visit->arrived_at),
            'promisedAt' => Iso::of($visit->promised_at),
            'lastMarkAt' => Iso::of($visit->last_mark_at),
            'stage' => $visit->stage->value,
            'needs' => $need->value,
            'grades' => $visit->grades,
            'toCheck' => $visit->to_check,
            'undecided' => $visit->undecided,
            'matLoad' => $visit->mat_load,
            'tableMinutes' => $visit->table_minutes,
            'tension' => $visit->tension,
            'tolerance' => $visit->tolerance,
        ];
    }
}
