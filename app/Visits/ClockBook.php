<?php

declare(strict_types=1);

namespace App\Visits;

use App\Database\DrawnFrom;
use App\Database\OneByOne;
use App\Database\Source;
use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Effort\ClockWork;
use HoundCheck\Core\Effort\GroomerClock;
use HoundCheck\Core\Effort\GroomerClocks;
use HoundCheck\Core\Visit\WorkTime;
use Illuminate\Support\Facades\DB;

/** The salon's own clocks: how long sections, drying and finish took, and what follows for a groomer and a kind of coat. */
final class ClockBook
{
    /** A range is made from so many of the latest times, and from the visits that these belong to. */
    private const LATEST_TIMES = 600;

    private const RATIOS_KEPT = 200;

    public function of(?string $staffId, CoatType $coat): GroomerClocks
    {
        $staffId === null ?: DrawnFrom::read(Source::Clocks, "{$staffId}|{$coat->value}");
        $rows = $staffId === null ? [] : DB::table('work_clocks')->where('staff_id', $staffId)->where('coat', $coat->value)->get()->all();

        return self::clocks(array_column($rows, null, 'work'));
    }

    /** @return \Closure(string|null, string): GroomerClocks by groomer's id and coat, for a list */
    public function all(): \Closure
    {
        $rows = DB::table('work_clocks')
            ->get()
            ->groupBy(fn(\stdClass $row): string => "{$row->staff_id}|{$row->coat}")
            ->map(fn($ofOne): array => $ofOne->keyBy('work')->all());

        return fn(?string $staffId, string $coat): GroomerClocks => self::clocks($rows["{$staffId}|{$coat}"] ?? []);
    }

    /** @param array<string, \stdClass> $rows by work */
    private static function clocks(array $rows): GroomerClocks
    {
        $clock = fn(ClockWork $work): GroomerClock => self::clock($rows[$work->value] ?? null);

        return new GroomerClocks($clock(ClockWork::Table), $clock(ClockWork::Drying), $clock(ClockWork::Finish));
    }

    private static function clock(?\stdClass $row): GroomerClock
    {
        return $row === null ? new GroomerClock : new GroomerClock(
            (int) $row->count,
            (float) $row->log_sum,
            json_decode($row->ratios, true),
            json_decode($row->visit_ratios, true),
        );
    }

    /**
     * After a mark: the visit's times, and the clocks of whoever worked on it.
     *
     * @param list<WorkTime> $times
     */
    public function renew(string $visitId, CoatType $coat, array $times): void
    {
        $rows = self::rows($visitId, $coat, $times);
        $known = DB::table('work_times')
            ->where('visit_id', $visitId)
            ->orderBy('section')
            ->get()
            ->map(fn(\stdClass $row): array => (array) $row)
            ->all();
        if ($known === $rows) {
            return;
        }
        DB::table('work_times')->where('visit_id', $visitId)->delete();
        DB::table('work_times')->insert($rows);
        foreach (self::clocksOf([...$known, ...$rows]) as $name => $of) {
            OneByOne::on("clock {$name}");
            $here = fn(array $times): array => array_filter($times, fn(array $row): bool => array_intersect_key($row, $of) === $of);
            $clock = DB::table('work_clocks')->where($of)->first(['count', 'log_sum']);
            $this->write(
                $of,
                (int) ($clock->count ?? 0) + count($here($rows)) - count($here($known)),
                (float) ($clock->log_sum ?? 0.0)
                    + array_sum(array_column($here($rows), 'log_ratio'))
                    - array_sum(array_column($here($known), 'log_ratio')),
            );
        }
    }

    /** Before all is written anew. */
    public function forget(): void
    {
        DB::table('work_times')->delete();
        DB::table('work_clocks')->delete();
    }

    /** All clocks anew from the times. */
    public function rebuild(): void
    {
        DB::table('work_clocks')->delete();
        $sums = DB::table('work_times')
            ->groupBy('staff_id', 'coat', 'work')
            ->selectRaw('staff_id, coat, work, count(*) as times, sum(log_ratio) as log_sum')
            ->get();
        foreach ($sums as $sum) {
            $this->write(
                ['staff_id' => $sum->staff_id, 'coat' => $sum->coat, 'work' => $sum->work],
                (int) $sum->times,
                (float) $sum->log_sum,
            );
        }
    }

    /**
     * @param list<WorkTime> $times
     *
     * @return list<array<string, mixed>> rows of `work_times`; drying and finish stand under their own name in the place of a section
     */
    public static function rows(string $visitId, CoatType $coat, array $times): array
    {
        return array_map(fn(WorkTime $time): array => [
            'visit_id' => $visitId,
            'section' => $time->section->value ?? $time->work->value,
            'staff_id' => $time->by,
            'coat' => $coat->value,
            'treatment' => $time->treatment,
            'forecast_minutes' => round($time->forecastMinutes, 6),
            'minutes' => round($time->minutes, 6),
            'log_ratio' => round(log($time->ratio), 9),
            'finished_at' => $time->finishedAt->format('Y-m-d H:i:s.v'),
            'opened_with' => $time->openedWith?->value,
            'work' => $time->work->value,
        ], $times);
    }

    /**
     * @param list<array<string, mixed>> $rows
     *
     * @return array<string, array{staff_id: string, coat: string, work: string}> each groomer, kind of coat and work once, by a name
     *                                                                            and in the order of their names
     */
    private static function clocksOf(array $rows): array
    {
        $clocks = [];
        foreach ($rows as $row) {
            $of = ['staff_id' => (string) $row['staff_id'], 'coat' => (string) $row['coat'], 'work' => (string) $row['work']];
            $clocks[implode('|', $of)] = $of;
        }

        ksort($clocks);

        return $clocks;
    }

    /** @param array{staff_id: string, coat: string, work: string} $of */
    private function write(array $of, int $count, float $logSum): void
    {
        if ($count === 0) {
            DB::table('work_clocks')->where($of)->delete();

            return;
        }
        $latest = DB::table('work_times')->where($of)
            ->orderByDesc('finished_at')
            ->orderByDesc('visit_id')
            ->orderByDesc('section')
            ->limit(self::LATEST_TIMES)
            ->get(['visit_id', 'log_ratio', 'minutes', 'forecast_minutes']);
        $ratios = $latest->take(self::RATIOS_KEPT)->map(fn(\stdClass $row): float => round(exp((float) $row->log_ratio), 4))->all();
        $visits = $latest->groupBy('visit_id')
            ->map(fn($times): float => round($times->sum('minutes') / $times->sum('forecast_minutes'), 4))
            ->values()
            ->all();
        DB::table('work_clocks')->updateOrInsert($of, [
            'count' => $count,
            'log_sum' => round($logSum, 9),
            'ratios' => json_encode($ratios),
            'visit_ratios' => json_encode($visits),
        ]);
    }
}
