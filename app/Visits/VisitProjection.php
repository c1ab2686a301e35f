<?php

declare(strict_types=1);

namespace App\Visits;

use App\Clocks\ClockBook;
use App\Models\Dog;
use App\Models\Finding;
use App\Models\GradeDifference;
use App\Models\Photo;
use App\Models\Staff;
use App\Models\Visit;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Verdict;
use HoundCheck\Core\Day\DayFacts;
use HoundCheck\Core\Dog\HealthFact;

/** What lists and history read, derived from the marks and written in their transaction; `visits:rebuild` makes the same rows. */
final class VisitProjection
{
    public function __construct(private readonly VisitPictures $pictures, private readonly ClockBook $clocks) {}

    public function write(OpenVisit $open): void
    {
        $this->writeVisit($open);
        $this->writeFindings($open);
        $this->writeDifferences($open);
        $this->writePhotos($open);
        $this->writeDog($open);
        $this->clocks->renew($open);
        $this->pictures->renew($open);
    }

    private function writeVisit(OpenVisit $open): void
    {
        $last = $open->visit->marks()->reorder('number', 'desc')->first(['number', 'at', 'staff_id']);
        $open->visit->forceFill(self::columns($open, $last->number ?? 0, $last?->at, $last?->staff_id))->save();
    }

    /** @return array<string, mixed> what follows from the marks, for the table of visits */
    public static function columns(OpenVisit $open, int $lastNumber, ?\DateTimeImmutable $lastAt, ?string $lastBy): array
    {
        return [
            'stage' => $open->stage(),
            'grades' => self::grades($open),
            'to_check' => count($open->found->toCheck()),
            'undecided' => count($open->totals->undecided) + count($open->totals->notOnOffer) + count($open->report->stuck()),
            'mat_load' => $open->found->matLoad->index,
            'table_minutes' => $open->stands->minutes(),
            'tension' => $open->totals->tension,
            'tolerance' => $open->found->tolerance->minutes,
            'last_number' => $lastNumber,
            'last_mark_at' => $lastAt,
            'groomer_id' => $lastBy,
            'closed_at' => $open->state->closing?->at,
            'day_facts' => DayFacts::of($open->stands, $lastAt ?? $open->visit->arrived_at)->toArray(),
        ];
    }

    /** One character a section, in the order of the sections. */
    private static function grades(OpenVisit $open): string
    {
        $row = '';
        foreach (Section::cases() as $section) {
            $grade = $open->found->grade($section);
            $row .= match (true) {
                $grade !== null => (string) $grade->value,
                isset($open->found->options[$section->value]) => 'x',
                $open->found->gradings[$section->value]->verdict === Verdict::CombAgain => '~',
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

    /** Where the groomer's grade stands against the rule's; one that no longer holds is no difference. */
    private function writeDifferences(OpenVisit $open): void
    {
        GradeDifference::query()->where('visit_id', $open->visit->id)->delete();
        foreach ($open->state->judged as $sectionId => $judged) {
            $byRule = $open->found->gradings[$sectionId];
            $own = $judged->what->own;
            if ($own?->holdsAgainst($byRule) === true) {
                GradeDifference::query()->create([
                    'id' => $judged->id,
                    'visit_id' => $open->visit->id,
                    'section' => $sectionId,
                    'rule_grade' => $own->instead->value,
                    'rule' => $byRule->rule->value,
                    'own_grade' => $own->grade->value,
                    'reason' => $own->reason,
                    'staff_id' => $judged->by,
                    'judged_at' => $judged->at,
                ]);
            }
        }
    }

    private function writePhotos(OpenVisit $open): void
    {
        foreach ($open->state->photos as $id => $photo) {
            $deleted = $open->state->deletedPhotos[$id] ?? null;
            Photo::query()->updateOrCreate(['id' => $id], [
                'dog_id' => $open->visit->dog_id,
                'visit_id' => $open->visit->id,
                'section' => $photo->section?->value,
                'finding_id' => $photo->what->findingId,
                'moment' => $photo->what->moment,
                'width_px' => $photo->what->widthPx,
                'height_px' => $photo->what->heightPx,
                'taken_at' => $photo->at,
                'staff_id' => $photo->by,
                'deleted_at' => $deleted?->at,
                'deleted_by' => $deleted?->by,
                'deleted_because' => $deleted?->what->reason,
            ]);
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
