<?php

declare(strict_types=1);

namespace App\Visits;

use App\Models\Dog;
use App\Models\Finding;
use App\Models\Staff;
use App\Models\Visit;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Verdict;
use HoundCheck\Core\Dog\HealthFact;

/** What lists and history read, derived from the marks and written in their transaction; `visits:rebuild` makes the same rows. */
final class VisitProjection
{
    public function __construct(private readonly VisitPictures $pictures) {}

    public function write(OpenVisit $open): void
    {
        $this->writeVisit($open);
        $this->writeFindings($open);
        $this->writeDog($open);
        $this->pictures->renew($open);
    }

    private function writeVisit(OpenVisit $open): void
    {
        $last = $open->visit->marks()->reorder('number', 'desc')->first(['number', 'at', 'staff_id']);
        $open->visit->forceFill([
            'stage' => $open->stage(),
            'grades' => $this->grades($open),
            'to_check' => count($open->report->toCheck()),
            'undecided' => count($open->totals->undecided) + count($open->totals->notOnOffer) + count($open->report->stuck()),
            'mat_load' => $open->report->matLoad->index,
            'table_minutes' => $open->totals->minutes,
            'tension' => $open->totals->tension,
            'tolerance' => $open->report->tolerance->minutes,
            'last_number' => $last->number ?? 0,
            'last_mark_at' => $last?->at,
            'groomer_id' => $last?->staff_id,
            'closed_at' => $open->state->closing?->at,
        ])->save();
    }

    /** One character a section, in the order of the sections. */
    private function grades(OpenVisit $open): string
    {
        $row = '';
        foreach (Section::cases() as $section) {
            $grading = $open->report->gradings[$section->value];
            $row .= match (true) {
                $grading->grade !== null => (string) $grading->grade->value,
                isset($open->report->options[$section->value]) => 'x',
                $grading->verdict === Verdict::CombAgain => '~',
                default => '-',
            };
        }

        return $row;
    }

    private function writeFindings(OpenVisit $open): void
    {
        $visit = $open->visit;
        $names = Staff::query()->pluck('name', 'id');
        Finding::query()->where('visit_id', $visit->id)->whereNotIn('id', array_keys($open->state->findings))->delete();
        foreach ($open->state->findings as $id => $finding) {
            Finding::query()->updateOrCreate(['id' => $id], [
                'dog_id' => $visit->dog_id,
                'visit_id' => $visit->id,
                'section' => $finding->section,
                'kind' => $finding->what->kind,
                'note' => $finding->what->note,
                'size_mm' => $finding->what->sizeMm,
                'noted_at' => $finding->at,
                'noted_by' => $names[$finding->by] ?? '',
            ]);
        }
        // A closing that was taken back opens the finding again.
        $ownMarks = $visit->marks()->reorder()->where('kind', 'finding_closed')->pluck('id')->all();
        Finding::query()->where('dog_id', $visit->dog_id)->whereIn('closed_by_mark', $ownMarks)->update(['closed_at' => null, 'closed_by_mark' => null]);
        $marks = array_column($open->marks, null, 'id');
        foreach ($open->state->closedFindings as $findingId => $markId) {
            Finding::query()->whereKey($findingId)->update(['closed_at' => $marks[$markId]->at->format('Y-m-d H:i:s.v'), 'closed_by_mark' => $markId]);
        }
    }

    /** The dog's card follows its latest visit. */
    private function writeDog(OpenVisit $open): void
    {
        $visit = $open->visit;
        if (Visit::query()->where('dog_id', $visit->dog_id)->where('arrived_at', '>', $visit->arrived_at)->exists()) {
            return;
        }
        $dog = $open->state->dog();
        Dog::query()->findOrFail($visit->dog_id)->update([
            'weight_kg' => $dog->weightKg,
            'coat_mm' => $dog->coatMm,
            'temperament' => $dog->temperament,
            'health' => array_map(fn(HealthFact $fact): string => $fact->value, $dog->health),
        ]);
    }
}
