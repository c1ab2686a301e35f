<?php

declare(strict_types=1);

namespace App\Schedule;

use App\Database\OneByOne;
use App\Models\Staff;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Secret addresses of calendars, and calendars that were read in. */
final class CalendarDesk
{
    private const SECRET_LENGTH = 40;

    /** An address is written down as read once in so many minutes, not with each reading. */
    private const READ_MINUTES = 10;

    /**
     * Both lists, the latest first, without what was withdrawn.
     *
     * @return array{feeds: list<array<string, mixed>>, imports: list<array<string, mixed>>}
     */
    public function list(): array
    {
        $iso = fn(?string $at): ?string => $at === null ? null : CarbonImmutable::parse($at, 'UTC')->toIso8601ZuluString();

        $rows = fn(string $table, string $over): array => array_values(
            DB::table($table)->whereNull($over)->orderByDesc('id')->get()->all(),
        );

        return [
            'feeds' => array_map(fn(\stdClass $row): array => [
                'id' => $row->id,
                'person' => $row->staff_id,
                'madeAt' => $iso($row->created_at),
                'readAt' => $iso($row->read_at),
            ], $rows('calendar_feeds', 'revoked_at')),
            'imports' => array_map(fn(\stdClass $row): array => [
                'id' => $row->id,
                'person' => $row->staff_id,
                'fileName' => $row->file_name,
                'times' => (int) $row->times,
                'madeAt' => $iso($row->created_at),
            ], $rows('calendar_imports', 'removed_at')),
        ];
    }

    /**
     * @param string|null $person null: the whole salon
     *
     * @return string the secret; it is told this once
     */
    public function open(?string $person, Staff $by): string
    {
        $secret = Str::random(self::SECRET_LENGTH);
        DB::table('calendar_feeds')->insert([
            'id' => (string) Str::ulid(),
            'staff_id' => $person,
            'secret_hash' => hash('sha256', $secret),
            'made_by' => $by->id,
            'created_at' => CarbonImmutable::now(),
        ]);

        return $secret;
    }

    public function revoke(string $id): void
    {
        DB::table('calendar_feeds')->where('id', $id)->whereNull('revoked_at')->update(['revoked_at' => CarbonImmutable::now()]);
    }

    /** @return \stdClass|null row of the feed; null: there is none under this secret, or no more */
    public function feedOf(string $secret): ?\stdClass
    {
        $feed = DB::table('calendar_feeds')
            ->leftJoin('staff', 'staff.id', '=', 'calendar_feeds.staff_id')
            ->where('secret_hash', hash('sha256', $secret))
            ->whereNull('revoked_at')
            // Whoever has left reads no more.
            ->where(fn($works) => $works->whereNull('staff_id')->orWhere('staff.active', true))
            ->first(['calendar_feeds.id', 'calendar_feeds.staff_id', 'calendar_feeds.read_at']);
        if ($feed !== null) {
            DB::table('calendar_feeds')
                ->where('id', $feed->id)
                ->where(fn($old) => $old->whereNull('read_at')->orWhere('read_at', '<', CarbonImmutable::now()->subMinutes(self::READ_MINUTES)))
                ->update(['read_at' => CarbonImmutable::now()]);
        }

        return $feed;
    }

    /**
     * Takes the place of what was read in for the same person before.
     *
     * @param list<array{CarbonImmutable, CarbonImmutable}> $times
     */
    public function keep(string $person, string $fileName, array $times, Staff $by): void
    {
        DB::transaction(function () use ($person, $fileName, $times, $by): void {
            OneByOne::on("calendar of {$person}");
            $now = CarbonImmutable::now();
            DB::table('calendar_imports')->where('staff_id', $person)->whereNull('removed_at')->update(['removed_at' => $now]);
            $id = (string) Str::ulid();
            DB::table('calendar_imports')->insert([
                'id' => $id,
                'staff_id' => $person,
                'file_name' => mb_substr($fileName, 0, 200),
                'times' => count($times),
                'made_by' => $by->id,
                'created_at' => $now,
            ]);
            foreach (array_chunk($times, 200) as $some) {
                DB::table('busy_times')->insert(array_map(
                    fn(array $time): array => ['import_id' => $id, 'starts_at' => $time[0], 'ends_at' => $time[1]],
                    $some,
                ));
            }
        });
    }

    public function remove(string $importId): void
    {
        DB::table('calendar_imports')->where('id', $importId)->whereNull('removed_at')->update(['removed_at' => CarbonImmutable::now()]);
    }
}
