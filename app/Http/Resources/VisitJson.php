<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Dog;
use App\Models\Finding;
use App\Models\Staff;
use App\Models\Visit;
use App\Visits\OpenVisit;
use HoundCheck\Core\Coat\Hold;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Coat\Tools;
use HoundCheck\Core\CombCheck\FindingKind;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\CombCheck\Guide;
use HoundCheck\Core\CombCheck\LookFirst;
use HoundCheck\Core\CombCheck\LookFirstReason;
use HoundCheck\Core\Dog\AgeGroup;
use HoundCheck\Core\Visit\Marks\NoteWritten;
use HoundCheck\Core\Visit\Recorded;
use HoundCheck\Core\Visit\VisitFold;
use Illuminate\Support\Collection;

/** A visit as it stands: what the arrival and inspection screens draw. */
final class VisitJson
{
    /** @var Collection<string, string> */
    private Collection $names;

    private Guide $guide;

    /** The dog's card with its client, as they are now. */
    private ?\stdClass $card;

    private ?\stdClass $lastVisit;

    private function __construct(private readonly OpenVisit $open)
    {
        $this->names = Staff::query()->pluck('name', 'id');
        $this->guide = new Guide;
        $this->card = Dog::query()
            ->join('clients', 'clients.id', '=', 'dogs.client_id')
            ->where('dogs.id', $open->visit->dog_id)
            ->toBase()
            ->first(['dogs.id', 'dogs.name', 'breed', 'sex', 'entire', 'mind', 'clients.id as client_id', 'clients.name as client_name', 'clients.phone']);
        $this->lastVisit = Visit::query()
            ->where('dog_id', $open->visit->dog_id)
            ->where('arrived_at', '<', $open->visit->arrived_at)
            ->orderByDesc('arrived_at')
            ->toBase()
            ->first(['id', 'arrived_at', 'grades']);
    }

    /** @return array<string, mixed> */
    public static function of(OpenVisit $open): array
    {
        return (new self($open))->toArray();
    }

    /** @return array<string, mixed> */
    private function toArray(): array
    {
        $visit = $this->open->visit;

        return [
            'id' => $visit->id,
            'number' => $visit->last_number,
            'stage' => $this->open->stage()->value,
            'day' => $visit->day->toDateString(),
            'arrivedAt' => Iso::of($visit->arrived_at),
            'promisedAt' => Iso::of($visit->promised_at),
            'closedAt' => Iso::of($this->open->state->closing?->at),
            'slotMinutes' => $this->open->state->slotMinutes(),
            'dog' => $this->dog(),
            'arrival' => (object) $this->arrival(),
            'route' => array_map(fn(Section $section): string => $section->value, $this->open->rules->schools->route->route()),
            'matSchool' => $this->open->rules->schools->mats->value,
            'sections' => $this->sections(),
            'findings' => $this->findings(),
            'notes' => array_map($this->note(...), $this->open->state->notes),
            'summary' => $this->summary(),
            'lastVisit' => $this->lastVisit === null ? null : ['id' => $this->lastVisit->id, 'at' => Iso::of(new \DateTimeImmutable($this->lastVisit->arrived_at, new \DateTimeZone('UTC')))],
            'undoable' => $this->undoable(),
        ];
    }

    /** @return array<string, mixed> the dog as it was on the day, with its card's name and client */
    private function dog(): array
    {
        $card = $this->card;
        $dog = $this->open->state->dog();

        return [
            'id' => $card?->id,
            'name' => $card?->name,
            'breed' => $card?->breed,
            'sex' => $card?->sex,
            'entire' => (bool) $card?->entire,
            'mind' => $card?->mind,
            'client' => ['id' => $card?->client_id, 'name' => $card?->client_name, 'phone' => $card?->phone],
            'ageMonths' => $dog->ageMonths,
            'ageGroup' => $dog->ageGroup()->value,
            'weightKg' => $dog->weightKg,
            'coat' => $dog->coat->value,
            'primitive' => $dog->primitive,
            'coatMm' => $dog->coatMm,
            'temperament' => $dog->temperament->value,
            'health' => array_column($dog->health, 'value'),
        ];
    }

    /** @return array<string, mixed> the answered questions only */
    private function arrival(): array
    {
        $answers = array_filter(get_object_vars($this->open->state->answers), fn(mixed $value): bool => $value !== null);

        return array_map(fn(mixed $value): mixed => match (true) {
            $value instanceof \BackedEnum => $value->value,
            is_array($value) => array_column($value, 'value'),
            default => $value,
        }, $answers);
    }

    /** @return array<string, array<string, mixed>> by section id */
    private function sections(): array
    {
        $dog = $this->open->state->dog();
        $lastGrades = $this->lastGrades();
        $lookFirst = LookFirst::of($this->open->state->answers->gear ?? [], $dog->isInCoatChange(), $this->open->state->arrival->what->entireMale, $lastGrades);
        $senior = $dog->ageGroup() === AgeGroup::Senior;
        $sections = [];
        foreach (Section::cases() as $section) {
            $id = $section->value;
            $tools = Tools::for($dog->coat, $dog->primitive, $dog->lengthMm($section));
            $sections[$id] = [
                ...$this->check($section),
                'leaveAlone' => $this->isLeftAlone($section),
                'lengthMm' => $dog->lengthMm($section),
                'holds' => array_column(Hold::for($section, $senior), 'value'),
                'tools' => ['brush' => $tools->brush->value, 'fineComb' => $tools->fineComb, 'reason' => $tools->reason->value],
                'direction' => $this->open->rules->schools->direction->at($section->part())->value,
                'lookFirst' => array_map(fn(LookFirstReason $reason): string => $reason->value, $lookFirst[$id] ?? []),
                'lastGrade' => ($lastGrades[$id] ?? null)?->value,
            ];
        }

        return $sections;
    }

    /** @return array<string, mixed> */
    private function check(Section $section): array
    {
        $recorded = $this->open->state->checks[$section->value] ?? null;
        $reading = $this->open->report->case->reading($section);

        return [
            ...GuideJson::step($this->guide->stepFor($reading->check)),
            'check' => $recorded === null ? null : array_map(
                fn(mixed $value): mixed => $value instanceof \BackedEnum ? $value->value : $value,
                get_object_vars($recorded->what->check),
            ),
            'checkedAt' => Iso::of($recorded?->at),
            'checkedBy' => $recorded === null ? null : ($this->names[$recorded->by] ?? ''),
        ];
    }

    private function isLeftAlone(Section $section): bool
    {
        $reading = $this->open->report->case->reading($section);

        return $reading->has(FindingKind::OpenSkin) || $reading->has(FindingKind::Swelling);
    }

    /** @return array<string, Grade> grades of the visit before, by section id */
    private function lastGrades(): array
    {
        $grades = [];
        foreach (Section::cases() as $index => $section) {
            $character = $this->lastVisit?->grades[$index] ?? '-';
            if (ctype_digit($character)) {
                $grades[$section->value] = Grade::from((int) $character);
            }
        }

        return $grades;
    }

    /** @return list<array<string, mixed>> earlier visits' open findings first, then today's */
    private function findings(): array
    {
        $closed = $this->open->state->closedFindings;
        $carried = $this->open->carried->map(fn(Finding $finding): array => [
            'id' => $finding->id,
            'section' => $finding->section->value,
            'kind' => $finding->kind->value,
            'referral' => $finding->kind->referral()?->value,
            'note' => $finding->note,
            'sizeMm' => $finding->size_mm,
            'at' => Iso::of($finding->noted_at),
            'by' => $finding->noted_by,
            'earlierVisit' => true,
            'closed' => isset($closed[$finding->id]),
        ])->all();
        foreach ($this->open->state->findings as $id => $finding) {
            $carried[] = [
                'id' => $id,
                'section' => $finding->section?->value,
                'kind' => $finding->what->kind->value,
                'referral' => $finding->what->kind->referral()?->value,
                'note' => $finding->what->note,
                'sizeMm' => $finding->what->sizeMm,
                'at' => Iso::of($finding->at),
                'by' => $this->names[$finding->by] ?? '',
                'earlierVisit' => false,
                'closed' => isset($closed[$id]),
            ];
        }

        return $carried;
    }

    /**
     * @param Recorded<NoteWritten> $note
     *
     * @return array<string, mixed>
     */
    private function note(Recorded $note): array
    {
        return ['id' => $note->id, 'section' => $note->section?->value, 'text' => $note->what->text, 'at' => Iso::of($note->at), 'by' => $this->names[$note->by] ?? ''];
    }

    /** @return array<string, mixed> */
    private function summary(): array
    {
        $report = $this->open->report;

        return [
            'toCheck' => array_column($report->toCheck(), 'value'),
            'matLoad' => $report->matLoad->index,
            'tolerance' => ToleranceJson::of($report->tolerance),
            'bathMinutes' => $report->effort->bathMinutes(),
            'dryMinutes' => $report->effort->dryMinutes(),
            'tableMinutes' => $this->open->totals->minutes,
        ];
    }

    /** @return list<array<string, mixed>> what can be taken back, the latest first */
    private function undoable(): array
    {
        $withdrawn = VisitFold::withdrawnIds($this->open->marks);
        $undoable = [];
        foreach (array_reverse($this->open->marks) as $mark) {
            if (! isset($withdrawn[$mark->id]) && ! in_array($mark->kind->value, ['arrived', 'withdrawn'], true)) {
                $undoable[] = ['id' => $mark->id, 'kind' => $mark->kind->value, 'section' => $mark->section?->value, 'by' => $this->names[$mark->by] ?? ''];
            }
            if (count($undoable) === 20) {
                break;
            }
        }

        return $undoable;
    }
}
