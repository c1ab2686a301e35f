<?php

declare(strict_types=1);

namespace App\Http\Resources;

use HoundCheck\Core\Visit\Need;
use HoundCheck\Core\Visit\Stage;
use Illuminate\Support\Collection;

/** The day's dogs, in the order in which they need someone. */
final class DayJson
{
    /**
     * @param Collection<int, \stdClass> $visits rows of visits with their dog's, client's and groomer's names
     *
     * @return array<string, mixed>
     */
    public static function of(string $day, string $today, Collection $visits): array
    {
        $rows = $visits->map(self::row(...))->all();
        $rank = fn(array $row): int => Need::from($row['needs'])->rank();
        usort($rows, fn(array $one, array $other): int => [$rank($one), $one['lastMarkAt'], $one['id']] <=> [$rank($other), $other['lastMarkAt'], $other['id']]);

        return ['date' => $day, 'today' => $today, 'dogs' => $rows];
    }

    /** @return array<string, mixed> */
    private static function row(\stdClass $visit): array
    {
        $arrived = self::utc($visit->arrived_at);
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
            'day' => $visit->day,
            'arrivedAt' => Iso::of($arrived),
            'promisedAt' => Iso::of(self::utc($visit->promised_at)),
            'lastMarkAt' => Iso::of(self::utc($visit->last_mark_at)),
            'stage' => $visit->stage,
            'needs' => Need::of(Stage::from($visit->stage), (int) $visit->to_check, (int) $visit->undecided)->value,
            'grades' => $visit->grades,
            'toCheck' => (int) $visit->to_check,
            'undecided' => (int) $visit->undecided,
            'matLoad' => (float) $visit->mat_load,
            'tableMinutes' => (float) $visit->table_minutes,
            'tension' => (float) $visit->tension,
            'tolerance' => (float) $visit->tolerance,
        ];
    }

    private static function utc(?string $time): ?\DateTimeImmutable
    {
        return $time === null ? null : new \DateTimeImmutable($time, new \DateTimeZone('UTC'));
    }
}
