<?php

declare(strict_types=1);

namespace App\Visits;

use App\Database\DrawnFrom;
use App\Database\Source;
use App\Models\Finding;
use App\Models\HouseRulesVersion;
use App\Models\StoredMark;
use App\Models\Visit;
use HoundCheck\Core\CombCheck\OpenFinding;
use HoundCheck\Core\Gate\AtTheGate;
use HoundCheck\Core\Gate\Recorder;
use HoundCheck\Core\Gate\Refusal;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Visit\Known;
use HoundCheck\Core\Visit\VisitFold;
use HoundCheck\Core\Visit\VisitReport;
use HoundCheck\Core\Visit\VisitState;
use Illuminate\Support\Collection;

/** The marks of one visit, folded one by one; what follows from them is worked out when it is asked for. */
final class VisitMarks
{
    private readonly AtTheGate $here;

    /** @var list<int> the server's numbers of the marks that are stored, rising */
    private array $numbers = [];

    /** @param Collection<int, Finding> $carried findings of earlier visits that were open when this one began */
    private function __construct(public readonly Visit $visit, public readonly HouseRules $rules, public readonly Collection $carried)
    {
        $this->here = new AtTheGate(new Known($rules, self::kinds($carried), new \DateTimeZone(config('salon.timezone'))));
    }

    public static function load(Visit $visit): self
    {
        DrawnFrom::read(Source::Marks, $visit->id);
        DrawnFrom::read(Source::Dog, $visit->dog_id);
        // What stands open is judged by the day.
        $visit->closed_at !== null ?: DrawnFrom::read(Source::Day);
        $rules = HouseRulesVersion::query()->findOrFail($visit->house_rules_version)->toCore();
        $carried = Finding::query()
            ->where('dog_id', $visit->dog_id)
            ->where('visit_id', '!=', $visit->id)
            ->where('noted_at', '<', $visit->arrived_at)
            ->where(fn($open) => $open->whereNull('closed_at')->orWhere('closed_at', '>=', $visit->arrived_at))
            ->orderBy('noted_at')->orderBy('id')
            ->get();
        $marks = new self($visit, $rules, $carried);
        // Rows as they come: a visit has many marks, and the core reads the time and the payload itself.
        foreach ($visit->marks()->toBase()->get() as $row) {
            $marks->take(StoredMark::toMark($row));
            $marks->numbers[] = (int) $row->number;
        }

        return $marks;
    }

    /**
     * Of a visit whose marks are at hand already.
     *
     * @param list<Mark<Payload>> $taken in server order
     */
    public static function of(Visit $visit, HouseRules $rules, array $taken): self
    {
        $marks = new self($visit, $rules, new Collection);
        array_map($marks->take(...), $taken);

        return $marks;
    }

    /** @param Mark<Payload> $mark */
    public function take(Mark $mark): void
    {
        $this->here->take($mark);
    }

    public function count(): int
    {
        return $this->here->fold()->count();
    }

    /** How many marks of the visit there are up to a number of the server's. */
    public function countedTo(int $number): int
    {
        $count = count($this->numbers);
        while ($count > 0 && $this->numbers[$count - 1] > $number) {
            $count--;
        }

        return $count;
    }

    public function fold(): VisitFold
    {
        return $this->here->fold();
    }

    public function state(): VisitState
    {
        return $this->here->state();
    }

    public function report(): VisitReport
    {
        return $this->here->report();
    }

    /** @param Mark<Payload> $mark */
    public function refusal(Mark $mark, Recorder $sender): ?Refusal
    {
        return $this->here->refusal($mark, $sender);
    }

    /**
     * @param Collection<int, Finding> $carried
     *
     * @return array<string, array<string, OpenFinding>> by section id and the finding's id
     */
    private static function kinds(Collection $carried): array
    {
        $kinds = [];
        foreach ($carried as $finding) {
            $kinds[$finding->section->value][$finding->id] = new OpenFinding($finding->kind, $finding->spot, $finding->size_mm);
        }

        return $kinds;
    }
}
