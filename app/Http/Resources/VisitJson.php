<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Database\DrawnFrom;
use App\Database\Source;
use App\Models\Dog;
use App\Models\Staff;
use App\Models\Visit;
use App\Visits\BeforeTheComb;
use App\Visits\MemoryBook;
use App\Visits\OpenVisit;
use App\Visits\SplitJson;
use HoundCheck\Core\Arrival\ArrivalWarning;
use HoundCheck\Core\Arrival\ArrivalWarnings;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\House\FinishStyle;
use HoundCheck\Core\Marks\Kinds\NoteWritten;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\Words\Continued;
use HoundCheck\Core\Memory\Expected;
use HoundCheck\Core\Table\FeetClock;
use Illuminate\Support\Collection;

/** A visit as it stands: what the arrival and inspection screens draw. */
final class VisitJson
{
    /** So many of the latest marks can be taken back. */
    private const UNDOABLE = 20;

    /** @var Collection<string, string> */
    private Collection $names;

    /** The dog's card with its client, as they are now. */
    private ?\stdClass $card;

    private ?\stdClass $lastVisit;

    /** What its clock said it would come in with; null: nobody knows when it was combed out. */
    private readonly ?Expected $expected;

    private function __construct(private readonly OpenVisit $open)
    {
        $this->names = Staff::names();
        DrawnFrom::read(Source::Dog, $open->visit->dog_id);
        $this->card = Dog::query()
            ->join('clients', 'clients.id', '=', 'dogs.client_id')
            ->where('dogs.id', $open->visit->dog_id)
            ->toBase()
            ->first([
                'dogs.id',
                'to_ask',
                'dogs.name',
                'breed',
                'sex',
                'entire',
                'mind',
                'clients.id as client_id',
                'clients.name as client_name',
                'clients.phone',
                'clients.language',
                'clients.email',
                'clients.photos_allowed',
            ]);
        $this->lastVisit = Visit::query()
            ->where('dog_id', $open->visit->dog_id)
            ->where('arrived_at', '<', $open->visit->arrived_at)
            ->orderByDesc('arrived_at')->orderByDesc('id')
            ->toBase()
            ->first(['id', 'arrived_at', 'grades']);
        $this->expected = BeforeTheComb::expected($open);
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
        $after = new AfterTableJson($this->open, $this->names);

        return [
            'id' => $visit->id,
            'number' => $visit->last_number,
            'stage' => $this->open->stage()->value,
            'needs' => $this->open->needs()->value,
            'day' => $visit->day->toDateString(),
            'arrivedAt' => Iso::of($visit->arrived_at),
            'promisedAt' => Iso::of($visit->promised_at),
            'closedAt' => Iso::of($this->open->state->leaving->closing?->at),
            'slotMinutes' => $this->open->state->arrival->slotMinutes(),
            'dog' => $this->dog(),
            'arrival' => (object) $this->arrival(),
            'route' => array_map(fn(Section $section): string => $section->value, $this->open->rules->schools->sections()),
            'matSchool' => $this->open->rules->schools->mats->value,
            'warnings' => array_map(
                $this->warning(...),
                ArrivalWarnings::of(
                    $this->open->state->dog(),
                    $this->open->state->arrival->answers,
                    $this->expected,
                    $this->continued(),
                ),
            ),
            'expected' => ExpectedJson::of($this->expected),
            'homePlan' => HomePlanJson::of($this->open),
            'handling' => HandlingJson::of((new MemoryBook)->rowsBefore($visit), $visit->dog),
            'sections' => VisitSectionsJson::of(
                $this->open,
                $this->names,
                $this->lastVisit->grades ?? '',
                $this->lastVisit->id ?? null,
                $this->expected,
            ),
            'findings' => FindingsJson::of($this->open, $this->names),
            'photos' => PhotoJson::around($this->open, $this->lastVisit?->id, $this->names),
            'notes' => array_map($this->note(...), $this->open->state->kept->notes),
            'twoAnswers' => TwoAnswersJson::of($this->open, $this->names),
            'summary' => $this->summary(),
            'service' => $this->open->state->arrival->service()->value,
            'finishStyle' => $this->open->state->arrival->finishStyle()->value,
            'finishStyles' => array_column(FinishStyle::for($this->open->state->dog()->coat), 'value'),
            'feet' => $this->feet(),
            'continued' => $this->continuedJson(),
            'split' => SplitJson::of($this->open),
            'word' => ClientWordJson::of($this->open),
            'table' => TableJson::of($this->open, $this->names),
            'gate' => $after->gate(),
            'bath' => $after->bath(),
            'home' => $after->home(),
            'lastVisit' => $this->lastVisit === null
                ? null
                : [
                    'id' => $this->lastVisit->id,
                    'at' => Iso::of(new \DateTimeImmutable($this->lastVisit->arrived_at, new \DateTimeZone('UTC'))),
                ],
            'undoable' => $this->undoable(),
        ];
    }

    private function continued(): ?Continued
    {
        return $this->open->state->arrival->cameIn()->what->continued;
    }

    /** @return array<string, mixed>|null */
    private function continuedJson(): ?array
    {
        $continued = $this->continued();

        return $continued === null
            ? null
            : ['visit' => $continued->visit, 'of' => $continued->of, 'left' => array_column($continued->left, 'value')];
    }

    /** @return array<string, mixed> how long the dog has been on its feet */
    private function feet(): array
    {
        $feet = $this->open->state->hands->feet;
        $standing = $this->open->report->fromHere->standing();

        return [
            'posture' => $feet->posture->value,
            'neverOnTheBack' => $this->open->state->arrival->neverOnTheBack(),
            'seconds' => $feet->seconds,
            'wholeSeconds' => $feet->wholeSeconds,
            'rests' => $feet->rests,
            'restingSince' => Iso::of($feet->restingSince),
            'runsFrom' => Iso::of($feet->runsFrom),
            'standsMinutes' => $standing->minutes,
            'restMinutes' => $standing->restMinutes,
            'inOneVisit' => FeetJson::of($this->open),
            'silenceSeconds' => FeetClock::SILENCE_SECONDS,
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
            'client' => [
                'id' => $card?->client_id,
                'name' => $card?->client_name,
                'phone' => $card?->phone,
                'email' => $card?->email,
                'language' => $card?->language,
                'photosAllowed' => $card?->photos_allowed === null ? null : (bool) $card->photos_allowed,
            ],
            'ageMonths' => $dog->ageMonths,
            'ageGroup' => $dog->ageGroup()->value,
            'weightKg' => $dog->weightKg,
            'coat' => $dog->coat->value,
            'undercoat' => $dog->hasUndercoat(),
            'primitive' => $dog->primitive,
            'coatMm' => $dog->coatMm,
            'lengthsFrom' => $this->open->state->arrival->cameIn()->what->lengthsFrom,
            'temperament' => $dog->temperament->value,
            'health' => array_column($dog->health, 'value'),
            'toAsk' => array_column($this->open->state->arrival->toAsk(), 'value'),
            'proposed' => $this->proposed(),
        ];
    }

    /** @return array{temperament: string|null, health: list<string>} by the words of a table, until somebody answers */
    private function proposed(): array
    {
        $toAsk = json_decode($this->card->to_ask ?? 'null', true) ?? [];

        return ['temperament' => $toAsk['temperament'] ?? null, 'health' => $toAsk['health'] ?? []];
    }

    /** @return array<string, mixed> the answered questions only */
    private function arrival(): array
    {
        $answers = array_filter(get_object_vars($this->open->state->arrival->answers), fn(mixed $value): bool => $value !== null);

        $said = array_map(fn(mixed $value): mixed => match (true) {
            $value instanceof \BackedEnum => $value->value,
            is_array($value) && array_is_list($value) => array_column($value, 'value'),
            default => $value,
        }, $answers);

        return isset($answers['sectionMm']) ? [...$said, 'sectionMm' => (object) $answers['sectionMm']] : $said;
    }

    /** @return array<string, mixed> */
    private function warning(ArrivalWarning $warning): array
    {
        return [
            'concern' => $warning->concern->value,
            'days' => $warning->days,
            'expectedStops' => $warning->expectedStops,
            'expectedMats' => $warning->expectedMats,
            'gear' => $warning->gear?->value,
            'sections' => array_column($warning->sections, 'value'),
        ];
    }

    /**
     * @param Mark<NoteWritten> $note
     *
     * @return array<string, mixed>
     */
    private function note(Mark $note): array
    {
        return [
            'id' => $note->id,
            'section' => $note->section?->value,
            'text' => $note->what->text,
            'sign' => $note->what->sign?->value,
            'at' => Iso::of($note->at),
            'by' => $this->names[$note->by] ?? '',
        ];
    }

    /** @return array<string, mixed> */
    private function summary(): array
    {
        $report = $this->open->atInspection;

        return [
            'toCheck' => array_column($report->toCheck(), 'value'),
            'inspectionSeconds' => $this->open->state->combed->seconds(),
            'matLoad' => $report->matLoad->index,
            'tolerance' => ToleranceJson::of($report->tolerance),
            'bathMinutes' => $report->effort->bathMinutes(),
            'dryMinutes' => $this->open->dryMinutes(),
            'tableMinutes' => $this->open->report->minutes(),
        ];
    }

    /** @return list<array<string, mixed>> what can be taken back, the latest first */
    private function undoable(): array
    {
        return array_map(fn(\stdClass $mark): array => [
            'id' => $mark->id,
            'kind' => $mark->kind,
            'section' => $mark->section,
            'by' => $this->names[$mark->staff_id] ?? '',
        ], $this->open->undoable(self::UNDOABLE));
    }
}
