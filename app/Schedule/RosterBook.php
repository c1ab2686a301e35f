<?php

declare(strict_types=1);

namespace App\Schedule;

use App\Database\OneByOne;
use App\Models\Staff;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Who works when, as the owner keeps it. */
final class RosterBook
{
    /** @return array<string, mixed> hours as the clock on the wall shows them, minutes after midnight */
    public function read(): array
    {
        $hours = DB::table('working_hours')->orderBy('weekday')->get()->groupBy('staff_id');

        $staff = Staff::query()->where('active', true)->orderBy('id')->get(['id', 'name']);
        $roster = [
            'people' => array_values($staff->map(fn(Staff $one): array => [
                'id' => $one->id,
                'name' => $one->name,
                'set' => $hours->has($one->id),
                'hours' => $hours->has($one->id)
                    ? $hours[$one->id]->map(fn(\stdClass $row): array => [
                        'weekday' => (int) $row->weekday,
                        'from' => (int) $row->from_minute,
                        'until' => (int) $row->until_minute,
                    ])->values()->all()
                    : Roster::usualHours(),
            ])->all()),
            'daysOff' => DB::table('days_off')->orderBy('from_day')->orderBy('id')->get()->map(fn(\stdClass $row): array => [
                'id' => $row->id,
                'person' => $row->staff_id,
                'from' => substr($row->from_day, 0, 10),
                'until' => substr($row->until_day, 0, 10),
                'reason' => $row->reason,
            ])->all(),
        ];

        return ['version' => hash('xxh128', serialize($roster)), ...$roster];
    }

    /**
     * @param array<string, list<array{weekday: int, from: int, until: int}>> $hours by staff id: of whoever is named, all of them
     * @param list<array{person: string|null, from: string, until: string, reason: string}> $daysOff all of them
     * @param string $version of what was read before it was changed
     *
     * @throws RosterMovedOn
     */
    public function write(array $hours, array $daysOff, string $version): void
    {
        DB::transaction(function () use ($hours, $daysOff, $version): void {
            OneByOne::on('roster');
            if ($this->read()['version'] !== $version) {
                throw RosterMovedOn::sinceRead();
            }
            foreach ($hours as $person => $rows) {
                DB::table('working_hours')->where('staff_id', $person)->delete();
                DB::table('working_hours')->insert(array_map(fn(array $row): array => [
                    'staff_id' => $person,
                    'weekday' => $row['weekday'],
                    'from_minute' => $row['from'],
                    'until_minute' => $row['until'],
                ], $rows));
            }
            DB::table('days_off')->delete();
            DB::table('days_off')->insert(array_map(fn(array $row): array => [
                'id' => (string) Str::ulid(),
                'staff_id' => $row['person'],
                'from_day' => $row['from'],
                'until_day' => $row['until'],
                'reason' => $row['reason'],
            ], $daysOff));
        });
    }
}
