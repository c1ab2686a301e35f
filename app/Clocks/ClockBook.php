<?php

declare(strict_types=1);

namespace App\Clocks;

use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Effort\GroomerClock;
use HoundCheck\Core\Visit\SectionTime;
use Illuminate\Support\Facades\DB;

/** The salon's own clock: how long each finished section took, and what follows for a groomer and a kind of coat. */
final class ClockBook
{
    /** A range is made from so many of the latest sections, and from the brush-outs that these belong to. */
    private const LATEST_SECTIONS = 600;

    private const RATIOS_KEPT = 200;

    public function of(?string $staffId, CoatType $coat): GroomerClock
    {
        return self::clock(
            $staffId === null ? null : DB::table('groomer_clocks')->where('staff_id', $staffId)->where('coat', $coat->value)->first(),
        );
    }

    /** @return \Closure(string|null, string): GroomerClock by groomer's id and coat, for a list */
    public function all(): \Closure
    {
        $rows = DB::table('groomer_clocks')->get()->keyBy(fn(\stdClass $row): string => "{$row->staff_id}|{$row->coat}");

        return fn(?string $staffId, string $coat): GroomerClock => self::clock($rows["{$staffId}|{$coat}"] ?? null);
    }

    private static function clock(?\stdClass $row): GroomerClock
    {
        return $row === null ? new GroomerClock : new GroomerClock(
            (int) $row->sections,
            (float) $row->log_sum,
            json_decode($row->section_ratios, true),
            json_decode($row->visit_ratios, true),
        );
    }

    /**
     * After a mark: the visit's times, and the clocks of whoever worked on it.
     *
     * @param list<SectionTime> $times
     */
    public function renew(string $visitId, CoatType $coat, array $times): void
    {
        $rows = self::rows($visitId, $coat, $times);
        $known = DB::table('section_times')
            ->where('visit_id', $visitId)
            ->orderBy('section')
            ->get()
            ->map(fn(\stdClass $row): array => (array) $row)
            ->all();
        if ($known === $rows) {
            return;
        }
        DB::table('section_times')->where('visit_id', $visitId)->delete();
        DB::table('section_times')->insert($rows);
        foreach (self::people([...$known, ...$rows]) as [$staffId, $coatOf]) {
            $of = fn(array $times): array => array_filter(
                $times,
                fn(array $row): bool => $row['staff_id'] === $staffId && $row['coat'] === $coatOf,
            );
            $clock = DB::table('groomer_clocks')->where('staff_id', $staffId)->where('coat', $coatOf)->first(['sections', 'log_sum']);
            $this->write(
                $staffId,
                $coatOf,
                (int) ($clock->sections ?? 0) + count($of($rows)) - count($of($known)),
                (float) ($clock->log_sum ?? 0.0)
                    + array_sum(array_column($of($rows), 'log_ratio'))
                    - array_sum(array_column($of($known), 'log_ratio')),
            );
        }
    }

    /** Before all is written anew. */
    public function forget(): void
    {
        DB::table('section_times')->delete();
        DB::table('groomer_clocks')->delete();
    }

    /** All clocks anew from the times. */
    public function rebuild(): void
    {
        DB::table('groomer_clocks')->delete();
        $sums = DB::table('section_times')
            ->groupBy('staff_id', 'coat')
            ->selectRaw('staff_id, coat, count(*) as sections, sum(log_ratio) as log_sum')
            ->get();
        foreach ($sums as $sum) {
            $this->write($sum->staff_id, $sum->coat, (int) $sum->sections, (float) $sum->log_sum);
        }
    }

    /**
     * @param list<SectionTime> $times
     *
     * @return list<array<string, mixed>> rows of `section_times`
     */
    public static function rows(string $visitId, CoatType $coat, array $times): array
    {
        return array_map(fn(SectionTime $time): array => [
            'visit_id' => $visitId,
            'section' => $time->section->value,
            'staff_id' => $time->by,
            'coat' => $coat->value,
            'treatment' => $time->treatment,
            'forecast_minutes' => round($time->forecastMinutes, 6),
            'minutes' => round($time->minutes, 6),
            'log_ratio' => round(log($time->ratio), 9),
            'finished_at' => $time->finishedAt->format('Y-m-d H:i:s.v'),
            'opened_with' => $time->openedWith?->value,
        ], $times);
    }

    /**
     * @param list<array<string, mixed>> $rows
     *
     * @return list<array{string, string}> each groomer and kind of coat once
     */
    private static function people(array $rows): array
    {
        $people = [];
        foreach ($rows as $row) {
            $people["{$row['staff_id']}|{$row['coat']}"] = [(string) $row['staff_id'], (string) $row['coat']];
        }

        return array_values($people);
    }

    private function write(string $staffId, string $coat, int $sections, float $logSum): void
    {
        if ($sections === 0) {
            DB::table('groomer_clocks')->where('staff_id', $staffId)->where('coat', $coat)->delete();

            return;
        }
        $latest = DB::table('section_times')->where('staff_id', $staffId)->where('coat', $coat)
            ->orderByDesc('finished_at')
            ->orderByDesc('visit_id')
            ->orderByDesc('section')
            ->limit(self::LATEST_SECTIONS)
            ->get(['visit_id', 'log_ratio', 'minutes', 'forecast_minutes']);
        $ratios = $latest->take(self::RATIOS_KEPT)->map(fn(\stdClass $row): float => round(exp((float) $row->log_ratio), 4))->all();
        $visits = $latest->groupBy('visit_id')
            ->map(fn($times): float => round($times->sum('minutes') / $times->sum('forecast_minutes'), 4))
            ->values()
            ->all();
        DB::table('groomer_clocks')->updateOrInsert(
            ['staff_id' => $staffId, 'coat' => $coat],
            [
                'sections' => $sections,
                'log_sum' => round($logSum, 9),
                'section_ratios' => json_encode($ratios),
                'visit_ratios' => json_encode($visits),
            ],
        );
    }
}
