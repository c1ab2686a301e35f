<?php

declare(strict_types=1);

namespace App\Visits;

use App\Clocks\ClockBook;
use App\Models\Finding;
use App\Models\HouseRulesVersion;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use HoundCheck\Core\CombCheck\FindingKind;
use HoundCheck\Core\Effort\Forecast;
use HoundCheck\Core\Effort\GroomerClock;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\Plan\CoatReport;
use HoundCheck\Core\Plan\PlanTotals;
use HoundCheck\Core\Visit\Mark;
use HoundCheck\Core\Visit\MarkGate;
use HoundCheck\Core\Visit\MarkKind;
use HoundCheck\Core\Visit\Refusal;
use HoundCheck\Core\Visit\Stage;
use HoundCheck\Core\Visit\VisitFold;
use HoundCheck\Core\Visit\VisitReport;
use HoundCheck\Core\Visit\VisitState;
use Illuminate\Support\Collection;

/** One visit, loaded: its marks folded by the core, and what follows from them by the rules in force when it began. */
final class OpenVisit
{
    public readonly VisitState $state;

    public readonly VisitReport $stands;

    /** Found by the inspection. */
    public readonly CoatReport $found;

    /** From here. */
    public readonly CoatReport $report;

    public readonly PlanTotals $totals;

    private ?GroomerClock $clock = null;

    /**
     * @param list<Mark> $marks in server order
     * @param Collection<int, Finding> $carried findings of earlier visits that were open when this one began
     */
    private function __construct(
        public readonly Visit $visit,
        public readonly HouseRules $rules,
        public readonly array $marks,
        public readonly Collection $carried,
    ) {
        $this->state = VisitFold::of($marks);
        $this->stands = VisitReport::of($this->state, $rules, $this->carriedKinds(), new \DateTimeZone(config('salon.timezone')));
        $this->found = $this->stands->found;
        $this->report = $this->stands->report;
        $this->totals = $this->stands->totals;
    }

    public static function load(Visit $visit): self
    {
        $rules = HouseRulesVersion::query()->findOrFail($visit->house_rules_version);
        // Rows as they come: a visit has many marks, and the core reads the time and the payload itself.
        $marks = $visit->marks()->toBase()->get()->map(self::toCore(...))->all();
        $carried = Finding::query()
            ->where('dog_id', $visit->dog_id)
            ->where('visit_id', '!=', $visit->id)
            ->where('noted_at', '<', $visit->arrived_at)
            ->where(fn($open) => $open->whereNull('closed_at')->orWhere('closed_at', '>=', $visit->arrived_at))
            ->orderBy('noted_at')
            ->get();

        return new self($visit, $rules->toCore(), array_values($marks), $carried);
    }

    /**
     * A visit whose marks are at hand already.
     *
     * @param list<Mark> $marks in server order
     */
    public static function of(Visit $visit, HouseRules $rules, array $marks): self
    {
        return new self($visit, $rules, $marks, new Collection);
    }

    /** The same visit with one more mark. */
    public function with(Mark $mark): self
    {
        return new self($this->visit, $this->rules, [...$this->marks, $mark], $this->carried);
    }

    /** @param \stdClass $row of the table of marks */
    private static function toCore(\stdClass $row): Mark
    {
        return Mark::read(
            $row->id,
            MarkKind::from($row->kind),
            $row->section,
            new \DateTimeImmutable($row->at, new \DateTimeZone('UTC')),
            $row->staff_id,
            json_decode($row->payload, true, flags: JSON_THROW_ON_ERROR),
        );
    }

    public function stage(): Stage
    {
        return $this->stands->stage(CarbonImmutable::now());
    }

    public function isAgreed(): bool
    {
        return $this->stands->isAgreed();
    }

    /** What each place asks as a whole, with what the comb found at the table. */
    public function work(): CoatReport
    {
        return $this->stands->work;
    }

    /** The clock of whoever has the dog, for this kind of coat. */
    public function clock(): GroomerClock
    {
        return $this->clock ??= (new ClockBook)->of($this->visit->groomer_id, $this->state->dog()->coat);
    }

    /** Table minutes as a whole: what was reckoned, corrected by the clock. */
    public function forecast(): Forecast
    {
        return Forecast::ofMany($this->stands->minutes(), $this->clock(), $this->rules->effort);
    }

    /** Table minutes that are left. */
    public function forecastLeft(): Forecast
    {
        return Forecast::ofMany($this->stands->minutesLeft(), $this->clock(), $this->rules->effort);
    }

    public function refusal(Mark $mark): ?Refusal
    {
        return (new MarkGate($this->stands, $this->marks, $this->openFindingIds()))->refusal($mark);
    }

    /** @return list<string> */
    public function openFindingIds(): array
    {
        $all = [...$this->carried->pluck('id'), ...array_keys($this->state->findings)];

        return array_values(array_diff($all, array_keys($this->state->closedFindings)));
    }

    /** @return array<string, list<FindingKind>> by section id */
    private function carriedKinds(): array
    {
        $kinds = [];
        foreach ($this->carried as $finding) {
            if (! isset($this->state->closedFindings[$finding->id])) {
                $kinds[$finding->section->value][] = $finding->kind;
            }
        }

        return $kinds;
    }
}
