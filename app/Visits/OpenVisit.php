<?php

declare(strict_types=1);

namespace App\Visits;

use App\Models\Finding;
use App\Models\StoredMark;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Day\Need;
use HoundCheck\Core\Effort\Forecast;
use HoundCheck\Core\Effort\GroomerClock;
use HoundCheck\Core\Effort\GroomerClocks;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\Marks\MarkKind;
use HoundCheck\Core\Plan\Choices;
use HoundCheck\Core\Plan\CoatReport;
use HoundCheck\Core\Plan\PlanTotals;
use HoundCheck\Core\Plan\Price;
use HoundCheck\Core\Visit\Stage;
use HoundCheck\Core\Visit\VisitReport;
use HoundCheck\Core\Visit\VisitState;
use Illuminate\Support\Collection;

/** One visit, loaded: its marks folded by the core, and what follows from them by the rules in force when it began. */
final class OpenVisit
{
    public readonly Visit $visit;

    public readonly HouseRules $rules;

    /** @var Collection<int, Finding> findings of earlier visits that were open when this one began */
    public readonly Collection $carried;

    public readonly VisitState $state;

    public readonly VisitReport $report;

    /** Found by the inspection. */
    public readonly CoatReport $atInspection;

    /** From here. */
    public readonly CoatReport $fromHere;

    public readonly PlanTotals $totals;

    private ?GroomerClocks $clocks = null;

    private function __construct(private readonly VisitMarks $folded)
    {
        $this->visit = $folded->visit;
        $this->rules = $folded->rules;
        $this->carried = $folded->carried;
        $this->state = $folded->state();
        $this->report = $folded->report();
        $this->atInspection = $this->report->atInspection;
        $this->fromHere = $this->report->fromHere;
        $this->totals = $this->report->totals;
    }

    public static function load(Visit $visit): self
    {
        return new self(VisitMarks::load($visit));
    }

    public static function as(VisitMarks $folded): self
    {
        return new self($folded);
    }

    /**
     * The latest marks that a hand can take back.
     *
     * @return list<\stdClass> rows of the table, the latest first
     */
    public function undoable(int $most): array
    {
        $kinds = array_filter(MarkKind::cases(), fn(MarkKind $kind): bool => $kind->declared()->undoable);
        $latest = StoredMark::of($this->visit->id)
            // What came since is not in what is drawn here.
            ->where('number', '<=', $this->visit->last_number)
            ->whereIn('kind', array_column($kinds, 'value'))
            ->whereNotIn('id', $this->folded->fold()->withdrawn())
            ->reorder()->orderByDesc('number')
            ->limit($most)
            ->get(['id', 'kind', 'section', 'staff_id']);

        return array_values($latest->all());
    }

    public function isWithdrawn(string $markId): bool
    {
        return $this->folded->fold()->isWithdrawn($markId);
    }

    /** It arrived after the end, and nobody has counted it. */
    public function isSetApart(string $markId): bool
    {
        return $this->folded->fold()->isSetApart($markId);
    }

    public function stage(): Stage
    {
        return $this->report->stage(CarbonImmutable::now());
    }

    /** The next thing that somebody has to do for it today, as on the day's list. */
    public function needs(): Need
    {
        return $this->folded->facts()->needOn($this->report->dayOf(CarbonImmutable::now()));
    }

    /** @return array<string, mixed> what follows from the marks, for the table of visits */
    public function columns(int $lastNumber): array
    {
        return VisitProjection::columns($this->folded, $lastNumber);
    }

    public function isAgreed(): bool
    {
        return $this->report->isAgreed();
    }

    /** The clock at the table of whoever has the dog, for this kind of coat. */
    public function clock(): GroomerClock
    {
        return $this->clocks()->table;
    }

    /** Minutes of drying as the clock of whoever has the dog corrects them. */
    public function dryMinutes(): float
    {
        return $this->report->dryMinutes() * $this->clocks()->drying->factor();
    }

    private function clocks(): GroomerClocks
    {
        return $this->clocks ??= (new ClockBook)->of($this->state->hands->of, $this->state->dog()->coat);
    }

    /** Table minutes as a whole: what was reckoned, corrected by the clock. */
    public function forecast(): Forecast
    {
        return Forecast::ofMany($this->report->minutes(), $this->clock(), $this->rules->effort);
    }

    /** Table minutes that are left. */
    public function forecastLeft(): Forecast
    {
        return Forecast::ofMany($this->report->minutesLeft(), $this->clock(), $this->rules->effort);
    }

    /** What the visit costs with some choices, work that is done included. */
    public function price(Choices $choices): Price
    {
        return $this->report->price($choices);
    }
}
