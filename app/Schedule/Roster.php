<?php

declare(strict_types=1);

namespace App\Schedule;

use App\Models\Staff;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Day\OnDuty;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** Who works when. Minutes are those gone by since midnight in the salon, so that a day of 23 or 25 hours is told right. */
final class Roster
{
    /** Until an owner has set hours: nine to six, every day but Sunday. */
    private const USUAL = ['from_minute' => 540, 'until_minute' => 1080];

    private const SUNDAY = 7;

    /** @var Collection<int, Staff> */
    private Collection $staff;

    /** @var array<string, array<int, array{from_minute: int, until_minute: int}>> by staff id and weekday */
    private array $hours = [];

    /** @var list<\stdClass> */
    private array $off;

    /** @var Collection<array-key, Collection<int, \stdClass>> of what a calendar says, by staff id */
    private Collection $busy;

    private function __construct(string $from, string $until)
    {
        $this->staff = Staff::query()->where('active', true)->orderBy('id')->get(['id', 'name']);
        foreach (DB::table('working_hours')->get() as $row) {
            $this->hours[$row->staff_id][(int) $row->weekday] = [
                'from_minute' => (int) $row->from_minute,
                'until_minute' => (int) $row->until_minute,
            ];
        }
        $this->off = array_values(
            DB::table('days_off')->where('from_day', '<=', $until)->where('until_day', '>=', $from)->orderBy('id')->get()->all(),
        );
        $this->busy = DB::table('busy_times')
            ->join('calendar_imports', 'calendar_imports.id', '=', 'busy_times.import_id')
            ->whereNull('calendar_imports.removed_at')
            ->where('starts_at', '<', self::midnight($until)->addDay()->utc())
            ->where('ends_at', '>', self::midnight($from)->utc())
            ->orderBy('starts_at')
            ->get(['calendar_imports.staff_id', 'starts_at', 'ends_at'])
            ->groupBy('staff_id');
    }

    /**
     * @param string $from Y-m-d
     * @param string $until Y-m-d, that day too
     */
    public static function of(string $from, string $until): self
    {
        return new self($from, $until);
    }

    /** @return string|null why the salon is closed on a day; null: it is not */
    public function closed(string $day): ?string
    {
        foreach ($this->off as $off) {
            if ($off->staff_id === null && self::covers($off, $day)) {
                return $off->reason;
            }
        }

        return null;
    }

    /** @return list<OnDuty> in the order of the salon's list; empty on a day off */
    public function on(string $day): array
    {
        if ($this->closed($day) !== null) {
            return [];
        }
        $date = self::midnight($day);
        $weekday = $date->dayOfWeekIso;
        $onDuty = [];
        foreach ($this->staff as $one) {
            $hours = isset($this->hours[$one->id])
                ? $this->hours[$one->id][$weekday] ?? null
                : ($weekday === self::SUNDAY ? null : self::USUAL);
            if ($hours !== null && ! $this->isAway($one->id, $day)) {
                $onDuty[] = new OnDuty(
                    $one->id,
                    self::elapsed($date, $hours['from_minute']),
                    self::elapsed($date, $hours['until_minute']),
                    $this->breaks($one->id, $date),
                );
            }
        }

        return $onDuty;
    }

    /** @return list<array{weekday: int, from: int, until: int}> until somebody has set others */
    public static function usualHours(): array
    {
        return array_map(
            fn(int $weekday): array => [
                'weekday' => $weekday,
                'from' => self::USUAL['from_minute'],
                'until' => self::USUAL['until_minute'],
            ],
            range(1, self::SUNDAY - 1),
        );
    }

    /** @return array<string, string> of all who work here, by id */
    public function names(): array
    {
        return $this->staff->pluck('name', 'id')->all();
    }

    public static function midnight(string $day): CarbonImmutable
    {
        return CarbonImmutable::parse($day, config('salon.timezone'))->startOfDay();
    }

    /** Minutes gone by since midnight when the clock on the wall shows a time. */
    private static function elapsed(CarbonImmutable $midnight, int $minuteOnTheWall): float
    {
        $at = $minuteOnTheWall >= 1440 ? $midnight->addDay() : $midnight->setTime(intdiv($minuteOnTheWall, 60), $minuteOnTheWall % 60);

        return ($at->getTimestamp() - $midnight->getTimestamp()) / 60;
    }

    /** @return list<array{float, float}> as the person's calendar says, within the day */
    private function breaks(string $staffId, CarbonImmutable $midnight): array
    {
        $day = [$midnight->getTimestamp(), $midnight->addDay()->getTimestamp()];
        $breaks = [];
        foreach ($this->busy->get($staffId) ?? [] as $busy) {
            $from = max($day[0], CarbonImmutable::parse($busy->starts_at, 'UTC')->getTimestamp());
            $until = min($day[1], CarbonImmutable::parse($busy->ends_at, 'UTC')->getTimestamp());
            if ($from < $until) {
                $breaks[] = [($from - $day[0]) / 60, ($until - $day[0]) / 60];
            }
        }

        return $breaks;
    }

    private function isAway(string $staffId, string $day): bool
    {
        foreach ($this->off as $off) {
            if ($off->staff_id === $staffId && self::covers($off, $day)) {
                return true;
            }
        }

        return false;
    }

    private static function covers(\stdClass $off, string $day): bool
    {
        return substr($off->from_day, 0, 10) <= $day && substr($off->until_day, 0, 10) >= $day;
    }
}
