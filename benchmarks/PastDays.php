<?php

declare(strict_types=1);

use App\Models\Dog;
use App\Models\StoredMark;
use App\Models\Visit;
use App\Visits\MemoryBook;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Day\ComingVisit;
use HoundCheck\Core\Day\PlannedStep;
use HoundCheck\Core\Day\Spreads;
use HoundCheck\Core\Effort\GroomerClock;
use HoundCheck\Core\Effort\GroomerClocks;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\House\Service;
use HoundCheck\Core\Marks\MarkKind;
use HoundCheck\Core\Memory\DogMemory;
use HoundCheck\Core\Tolerance\Standing;
use Illuminate\Support\Facades\DB;

/**
 * The demo's past visits with what was known before each of them, and how long each step really took by its marks: for the
 * benchmark of the day.
 */
final class PastDays
{
    private const LATEST_TIMES = 600;

    private const RATIOS_KEPT = 200;

    /** @var array<string, list<stdClass>> times by staff, coat and work, the latest first */
    private array $times = [];

    public function __construct(private readonly HouseRules $house)
    {
        foreach (DB::table('work_times')->orderByDesc('finished_at')->orderByDesc('visit_id')->orderByDesc('section')->get() as $row) {
            $this->times["{$row->staff_id}|{$row->coat}|{$row->work}"][] = $row;
        }
    }

    /** @return list<array{id: string, at: CarbonImmutable, groomer: string, said: list<HoundCheck\Core\Day\PlannedStep>, planned: float, spread: Closure, took: list<float>}> in the order in which they came in */
    public function visits(): array
    {
        $known = [];
        foreach (Dog::query()->orderBy('id')->get() as $dog) {
            $known[$dog->id] = [$dog, (new MemoryBook)->of($dog, $this->house->memory)->visits, 0];
        }
        $visits = [];
        foreach (Visit::query()->where('stage', 'collected')->orderBy('arrived_at')->get() as $visit) {
            [$dog, $tells, $before] = $known[$visit->dog_id];
            $known[$visit->dog_id][2]++;
            $took = $this->took($visit, $dog);
            if ($took === null || $visit->groomer_id === null) {
                continue;
            }
            $clocks = $this->clocks($visit->groomer_id, $dog->coat->value, $visit->arrived_at);
            $memory = DogMemory::of($dog->coat, array_slice($tells, 0, $before), $this->house->memory, $dog->natural_mm);
            $at = $visit->arrived_at->toDateTimeImmutable();
            $coming = ComingVisit::expected($dog->onDay($visit->arrived_at), $memory, $at, Service::FullGroom, $this->house, $clocks);
            $table = (1 + $this->house->day->betweenPart) * $visit->table_minutes * $clocks->table->factor();
            $said = $coming->steps();
            $wet = array_sum(array_map(fn(PlannedStep $step): float => $step->minutes, array_slice($said, 3)));
            $visits[] = [
                'id' => $visit->id,
                'at' => $visit->arrived_at,
                'groomer' => $visit->groomer_id,
                'said' => $said,
                'planned' => $table + $this->rests($dog, $visit, $table + $wet),
                'spread' => (new Spreads($this->house->day, $clocks, false))->of(...),
                'took' => $took,
            ];
        }

        return $visits;
    }

    /** @return list<float>|null minutes of each step in the order of the work; null: not all of them were done */
    private function took(Visit $visit, Dog $dog): ?array
    {
        $last = [];
        $first = [];
        foreach (StoredMark::query()->where('visit_id', $visit->id)->orderBy('number')->get(['kind', 'at']) as $mark) {
            $first[$mark->kind->value] ??= $mark->at;
            $last[$mark->kind->value] = $mark->at;
        }
        $steps = [
            [$first[MarkKind::Arrived->value] ?? null, $first[MarkKind::PlanChosen->value] ?? null],
            [$first[MarkKind::PlanChosen->value] ?? null, $first[MarkKind::AnswerGiven->value] ?? null],
            [$first[MarkKind::RunStarted->value] ?? null, $first[MarkKind::BathCleared->value] ?? null],
            [$first[MarkKind::BathCleared->value] ?? null, $last[MarkKind::BathStepped->value] ?? null],
            [$first[MarkKind::DryStarted->value] ?? null, $last[MarkKind::Dried->value] ?? null],
            [$last[MarkKind::Dried->value] ?? null, $last[MarkKind::SecondCombed->value] ?? null],
            [$last[MarkKind::SecondCombed->value] ?? null, $last[MarkKind::SignedOff->value] ?? null],
        ];
        $minutes = [];
        foreach ($steps as [$from, $until]) {
            if ($from === null || $until === null) {
                return null;
            }
            $minutes[] = max(0.1, ($until->getTimestampMs() - $from->getTimestampMs()) / 60_000);
        }
        // What the demo's marks do not tell: rests on the table, and the table that is cleaned behind the dog.
        $minutes[2] += $this->rests($dog, $visit, array_sum(array_slice($minutes, 2)));
        $minutes[6] += $this->house->effort->cleanUpMinutes;

        return $minutes;
    }

    private function rests(Dog $dog, Visit $visit, float $minutes): float
    {
        $standing = Standing::of($dog->onDay($visit->arrived_at), $this->house->standing);

        return $standing->rests($minutes) * $standing->restMinutes;
    }

    private function clocks(string $groomer, string $coat, CarbonImmutable $before): GroomerClocks
    {
        $clock = fn(string $work): GroomerClock => $this->clock("{$groomer}|{$coat}|{$work}", $before->format('Y-m-d H:i:s'));

        return new GroomerClocks($clock('table'), $clock('drying'), $clock('finish'));
    }

    /** As `ClockBook` keeps it, of what had been finished by then. */
    private function clock(string $of, string $before): GroomerClock
    {
        $rows = array_values(array_filter($this->times[$of] ?? [], fn(stdClass $row): bool => $row->finished_at < $before));
        $visits = [];
        foreach (array_slice($rows, 0, self::LATEST_TIMES) as $row) {
            $visits[$row->visit_id][] = $row;
        }

        return new GroomerClock(
            count($rows),
            array_sum(array_map(fn(stdClass $row): float => (float) $row->log_ratio, $rows)),
            array_map(fn(stdClass $row): float => exp((float) $row->log_ratio), array_slice($rows, 0, self::RATIOS_KEPT)),
            array_values(array_map(
                fn(array $times): float => array_sum(array_column($times, 'minutes')) / array_sum(array_column($times, 'forecast_minutes')),
                $visits,
            )),
        );
    }
}
