<?php

declare(strict_types=1);

namespace App\Visits;

use App\Models\Dog;
use App\Models\Finding;
use App\Models\GradeDifference;
use App\Models\Photo;
use App\Models\Visit;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Verdict;
use HoundCheck\Core\Marks\Kinds\FindingClosed;
use HoundCheck\Core\Marks\Kinds\FindingNoted;
use HoundCheck\Core\Marks\Kinds\PhotoTaken;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Visit\HowItWas;
use HoundCheck\Core\Visit\Stage;
use HoundCheck\Core\Visit\VisitReport;
use HoundCheck\Core\Visit\VisitState;
use HoundCheck\Core\Visit\WhatItTells;
use HoundCheck\Core\Visit\WorkTime;

/** What lists and history read, derived from the marks and written in their transaction; `visits:rebuild` makes the same rows. */
final class VisitProjection
{
    private const TIME = 'Y-m-d H:i:s.v';

    public function __construct(private readonly ClockBook $clocks, private readonly MemoryBook $memory) {}

    /** A visit before its first mark. */
    public function begin(Arrival $arrival, Dog $dog, int $houseRulesVersion): Visit
    {
        return Visit::query()->create([
            'id' => $arrival->visitId,
            'dog_id' => $dog->id,
            'house_rules_version' => $houseRulesVersion,
            'day' => $arrival->at->setTimezone(config('salon.timezone'))->toDateString(),
            'arrived_at' => $arrival->at,
            'promised_at' => $arrival->promisedAt,
            'first_promised_at' => $arrival->promisedAt,
            'stage' => Stage::Arrived,
            'groomer_id' => null,
            'grades' => str_repeat('-', count(Section::cases())),
            'mat_load' => 0,
            'table_minutes' => 0,
            'tension' => 0,
            'tolerance' => 0,
            'last_number' => 0,
            'last_mark_at' => null,
            'closed_at' => null,
        ]);
    }

    /**
     * @param VisitState|null $before the visit before its latest marks: rows that these did not touch are left alone; null: all are written
     */
    public function write(VisitMarks $marks, ?VisitState $before = null): void
    {
        $visit = $marks->visit;
        $state = $marks->state();
        $last = $visit->marks()->reorder()->max('number');
        $visit->forceFill([
            ...self::columns($marks, (int) $last),
            'promised_at' => $state->hands->arranged->promise->what->promisedAt ?? $visit->first_promised_at,
        ])->save();
        // Whether redness came of our work follows from when the work began.
        $begun = $before?->run->startedAt <=> $state->run->startedAt;
        if ($before === null || $begun !== 0 || array_keys($before->findings->noted) !== array_keys($state->findings->noted)) {
            $this->writeFindings($visit, $state);
        }
        if ($before === null || $before->findings->closed !== $state->findings->closed) {
            $this->writeClosings($marks);
        }
        if ($before === null || $before->combed->judged !== [] || $state->combed->judged !== []) {
            $this->writeDifferences($visit, $marks->report());
        }
        if ($before === null || self::photos($before) !== self::photos($state)) {
            $this->writePhotos($visit, $state);
        }
        if ($before !== null && ($before->leaving->closing !== null || $state->leaving->closing !== null)) {
            $this->memory->renew($visit->dog_id);
        }
        $this->clocks->renew($visit->id, $state->dog()->coat, WorkTime::of($marks->report()));
    }

    /** @return list<list<string>> ids of those that were taken, and of those that were erased: a mark is never altered */
    private static function photos(VisitState $visit): array
    {
        return [array_keys($visit->kept->photos), array_keys($visit->kept->deletedPhotos)];
    }

    /** @return array<string, mixed> what follows from the marks, for the table of visits */
    public static function columns(VisitMarks $marks, int $lastNumber): array
    {
        $report = $marks->report();
        $state = $report->state;
        $lastAt = $marks->lastAt();
        $said = $state->agreement->said;

        return [
            'stage' => $report->stage($lastAt),
            'grades' => self::grades($report),
            'mat_load' => $report->atInspection->matLoad->index,
            'table_minutes' => $report->minutes(),
            'tension' => $report->totals->tensionMinutes,
            'tolerance' => $report->atInspection->tolerance->minutes,
            'last_number' => $lastNumber,
            'last_mark_at' => $lastAt,
            'groomer_id' => $state->hands->of,
            'closed_at' => $state->leaving->closing?->at,
            'client_said' => $said === null ? null : [
                'answer' => $said->what->answer->value,
                'who' => $said->what->who,
                'via' => $said->what->via->value,
                'at' => $said->at->format(\DATE_ATOM),
            ],
            'day_facts' => $marks->facts()->toArray(),
            // Only a visit that has ended tells anything of the dog.
            'memory' => $state->leaving->closing === null
                ? null
                : [...WhatItTells::of($report)->toArray(), 'was' => HowItWas::of($state)->toArray()],
        ];
    }

    /** One character a section, in the order of the sections. */
    private static function grades(VisitReport $report): string
    {
        $row = '';
        foreach (Section::cases() as $section) {
            $grade = $report->atInspection->grade($section);
            $row .= match (true) {
                $grade !== null => (string) $grade->value,
                $report->atInspection->options->has($section) => 'x',
                $report->atInspection->gradings->get($section)->verdict === Verdict::CombAgain => '~',
                default => '-',
            };
        }

        return $row;
    }

    private function writeFindings(Visit $visit, VisitState $state): void
    {
        Finding::query()->where('visit_id', $visit->id)->whereNotIn('id', array_keys($state->findings->noted))->delete();
        $rows = array_map(
            fn(Mark $finding): array => self::findingRow($visit, $state, $finding),
            array_values($state->findings->noted),
        );
        Finding::query()->upsert($rows, ['id'], ['section', 'kind', 'spot', 'from_work', 'note', 'size_mm', 'noted_at', 'noted_by']);
    }

    /**
     * @param Mark<FindingNoted> $finding
     *
     * @return array<string, mixed>
     */
    private static function findingRow(Visit $visit, VisitState $state, Mark $finding): array
    {
        return [
            'id' => $finding->id,
            'dog_id' => $visit->dog_id,
            'visit_id' => $visit->id,
            'section' => $finding->section?->value,
            'kind' => $finding->what->kind->value,
            'spot' => $finding->what->isSpot,
            'from_work' => $state->run->startedAt !== null && $finding->at > $state->run->startedAt,
            'note' => $finding->what->note,
            'size_mm' => $finding->what->sizeMm,
            'noted_at' => $finding->at->format(self::TIME),
            'noted_by' => $finding->by,
        ];
    }

    /** A closing that was taken back opens the finding again. */
    private function writeClosings(VisitMarks $marks): void
    {
        $closings = array_filter($marks->fold()->marks(), fn(Mark $mark): bool => $mark->what instanceof FindingClosed);
        Finding::query()
            ->where('dog_id', $marks->visit->dog_id)
            ->whereIn('closed_by_mark', array_column($closings, 'id'))
            ->update(['closed_at' => null, 'closed_by_mark' => null]);
        foreach ($marks->state()->findings->closed as $findingId => $markId) {
            $closedAt = $marks->fold()->mark($markId)?->at->format(self::TIME);
            Finding::query()->whereKey($findingId)->update(['closed_at' => $closedAt, 'closed_by_mark' => $markId]);
        }
    }

    /** Where the groomer's grade stands against the rule's; one that no longer holds is no difference. */
    private function writeDifferences(Visit $visit, VisitReport $report): void
    {
        GradeDifference::query()->where('visit_id', $visit->id)->delete();
        $rows = [];
        foreach ($report->state->combed->judged as $sectionId => $judged) {
            $byRule = $report->atInspection->gradings->get(Section::from($sectionId));
            $own = $judged->what->own;
            if ($own?->holdsAgainst($byRule) === true) {
                $rows[] = [
                    'id' => $judged->id,
                    'visit_id' => $visit->id,
                    'section' => $sectionId,
                    'rule_grade' => $own->instead->value,
                    'rule' => $byRule->rule->value,
                    'own_grade' => $own->grade->value,
                    'reason' => $own->reason,
                    'staff_id' => $judged->by,
                    'judged_at' => $judged->at->format(self::TIME),
                ];
            }
        }
        GradeDifference::query()->insert($rows);
    }

    private function writePhotos(Visit $visit, VisitState $state): void
    {
        Photo::query()->upsert(
            array_map(fn(Mark $photo): array => self::photoRow($visit, $state, $photo), array_values($state->kept->photos)),
            ['id'],
        );
    }

    /**
     * @param Mark<PhotoTaken> $photo
     *
     * @return array<string, mixed>
     */
    private static function photoRow(Visit $visit, VisitState $state, Mark $photo): array
    {
        $deleted = $state->kept->deletedPhotos[$photo->id] ?? null;

        return [
            'id' => $photo->id,
            'dog_id' => $visit->dog_id,
            'visit_id' => $visit->id,
            'section' => $photo->section?->value,
            'finding_id' => $photo->what->findingId,
            'moment' => $photo->what->moment->value,
            'width_px' => $photo->what->widthPx,
            'height_px' => $photo->what->heightPx,
            'taken_at' => $photo->at->format(self::TIME),
            'staff_id' => $photo->by,
            'deleted_at' => $deleted?->at->format(self::TIME),
            'deleted_by' => $deleted?->by,
            'deleted_because' => $deleted?->what->reason,
        ];
    }
}
