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
use HoundCheck\Core\Day\DayFacts;
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
    /** @var list<int> the server's numbers of the marks that were read, rising */
    private array $numbers = [];

    private ?DayFacts $facts = null;

    /** Marks that were folded before. */
    private readonly int $keptCount;

    /**
     * @param Collection<int, Finding> $carried findings of earlier visits that were open when this one began
     * @param int $keptAfter number of the mark up to which nothing was read; 0: all were
     */
    private function __construct(
        public readonly Visit $visit,
        public readonly HouseRules $rules,
        public readonly Collection $carried,
        private readonly AtTheGate $here,
        private readonly int $keptAfter = 0,
    ) {
        $this->keptCount = $here->fold()->count();
    }

    public static function load(Visit $visit): self
    {
        array_map(fn(array $read) => DrawnFrom::read(...$read), self::sources($visit));
        $rules = HouseRulesVersion::query()->findOrFail($visit->house_rules_version)->toCore();
        $carried = Finding::query()
            ->where('dog_id', $visit->dog_id)
            ->where('visit_id', '!=', $visit->id)
            ->where('noted_at', '<', $visit->arrived_at)
            ->where(fn($open) => $open->whereNull('closed_at')->orWhere('closed_at', '>=', $visit->arrived_at))
            ->orderBy('noted_at')->orderBy('id')
            ->get();
        $known = self::known($rules, $carried);
        [$fold, $keptAfter] = app(KeptFolds::class)->find($visit->id, $known) ?? [new VisitFold($known), 0];
        $marks = new self($visit, $rules, $carried, new AtTheGate($known, $fold), $keptAfter);
        foreach (StoredMark::of($visit->id)->where('number', '>', $keptAfter)->get() as $row) {
            $marks->take(StoredMark::toMark($row));
            $marks->numbers[] = (int) $row->number;
        }

        return $marks;
    }

    /** @return list<array{Source, string}> what a visit is folded from */
    private static function sources(Visit $visit): array
    {
        $always = [[Source::Marks, $visit->id], [Source::Dog, $visit->dog_id]];

        // What stands open is judged by the day.
        return $visit->closed_at !== null ? $always : [...$always, [Source::Day, '']];
    }

    /** @return array<string, string> stamps of what it was folded from, as they are now: for whoever holds the visit's lock */
    public function stamps(): array
    {
        return DrawnFrom::stamps(array_map(fn(array $read): string => $read[0]->named($read[1]), self::sources($this->visit)));
    }

    /**
     * Of a visit whose marks are at hand already.
     *
     * @param list<Mark<Payload>> $taken in server order
     */
    public static function of(Visit $visit, HouseRules $rules, array $taken): self
    {
        $known = self::known($rules, new Collection);
        $marks = new self($visit, $rules, new Collection, new AtTheGate($known, new VisitFold($known)));
        array_map($marks->take(...), $taken);

        return $marks;
    }

    /** @param Mark<Payload> $mark */
    public function take(Mark $mark): void
    {
        $this->here->take($mark);
        $this->facts = null;
    }

    public function count(): int
    {
        return $this->here->fold()->count();
    }

    /** How many marks of the visit there are up to a number of the server's. */
    public function countedTo(int $number): int
    {
        if ($number < $this->keptAfter) {
            return StoredMark::of($this->visit->id)->where('number', '<=', $number)->count();
        }
        $read = count($this->numbers);
        while ($read > 0 && $this->numbers[$read - 1] > $number) {
            $read--;
        }

        return $this->keptCount + $read;
    }

    /**
     * Once all of them are stored: so that the next need not be folded after all these.
     *
     * @param int $number of the last
     */
    public function keep(int $number, string $markId): void
    {
        $folds = app(KeptFolds::class);
        if ($folds->isDue($this->count() - $this->keptCount)) {
            $folds->keep($this->visit->id, $this->fold(), $number, $markId);
        }
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

    /** What the day has to know, as of the latest mark. */
    public function facts(): DayFacts
    {
        return $this->facts ??= DayFacts::of($this->report(), $this->lastAt());
    }

    /** Time of the hand of the latest mark. */
    public function lastAt(): \DateTimeImmutable
    {
        return $this->state()->hands->lastAt ?? $this->state()->arrival->cameIn()->at;
    }

    /** @param Mark<Payload> $mark */
    public function refusal(Mark $mark, Recorder $sender): ?Refusal
    {
        return $this->here->refusal($mark, $sender);
    }

    /** @param Collection<int, Finding> $carried */
    private static function known(HouseRules $rules, Collection $carried): Known
    {
        $open = [];
        foreach ($carried as $finding) {
            $open[$finding->section->value][$finding->id] = new OpenFinding($finding->kind, $finding->spot, $finding->size_mm);
        }

        return new Known($rules, $open, new \DateTimeZone(config('salon.timezone')));
    }
}
