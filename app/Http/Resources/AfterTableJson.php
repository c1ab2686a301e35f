<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Visits\OpenVisit;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Bath\BathAdvice;
use HoundCheck\Core\Bath\BathGate;
use HoundCheck\Core\Bath\DryAdvice;
use HoundCheck\Core\Bath\Lack;
use HoundCheck\Core\Bath\ProposedProduct;
use HoundCheck\Core\Bath\Shedding;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Home\AftercareAdvice;
use HoundCheck\Core\Home\GoingHome;
use HoundCheck\Core\Marks\Kinds\Waived;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Words\Aftercare;
use HoundCheck\Core\Marks\Words\DryArea;
use Illuminate\Support\Collection;

/** The bath gate, bath, drying, second comb check and going home, as their screens draw them. */
final readonly class AfterTableJson
{
    /** @param Collection<string, string> $names of the staff, by id */
    public function __construct(private OpenVisit $open, private Collection $names) {}

    /** @return array<string, mixed> */
    public function gate(): array
    {
        $now = CarbonImmutable::now();
        $gate = $this->open->report->gate($now);

        return [
            'open' => $gate->isOpen(),
            'cleared' => $this->open->report->isCleared($now),
            'clearing' => $this->stamp($this->open->state->bath->cleared),
            'lacks' => array_map(fn(Lack $lack): array => [
                'reason' => $lack->reason->value,
                'section' => $lack->section->value,
                'grade' => $lack->grade?->value,
                'waivable' => $lack->waivable,
                'ways' => array_column($lack->ways, 'value'),
            ], $gate->lacks),
            'waivers' => array_values(array_map($this->waiver(...), $this->open->state->run->waivers)),
            'settled' => array_values(array_map(fn(Mark $settled): array => [
                ...$this->stamp($settled) ?? [],
                'section' => $settled->section?->value,
                'way' => $settled->what->way->value,
            ], $this->open->state->run->settled)),
            'spongeOnly' => $gate->isShutByHeldPlacesOnly() && ! $this->open->state->bath->isWet(),
        ];
    }

    /** @return array<string, mixed> */
    public function bath(): array
    {
        $bath = $this->open->state->bath;
        $dog = $this->open->state->dog();
        $schools = $this->open->rules->schools;

        return [
            'steps' => (object) array_map(
                fn(Mark $step): array => [
                    ...$this->stamp($step) ?? [],
                    'product' => $step->what->product?->value,
                    'contactMinutes' => $step->what->contactMinutes,
                ],
                $bath->steps,
            ),
            'proposed' => array_map(fn(ProposedProduct $one): array => [
                'product' => $one->product->value,
                'reason' => $one->reason->value,
                'finding' => $one->finding?->value,
            ], BathAdvice::of($dog, $this->open->report->findings(), $this->open->state->arrival->answers->extras ?? [])),
            'vetOrdered' => BathAdvice::isVetOrdered($this->open->state->arrival->answers->extras ?? []),
            'shedding' => $this->shedding(),
            'spotSeconds' => $this->open->rules->table->lineSeconds,
            'wetBrushing' => $schools->wetBrushing->value,
            'methods' => array_column(DryAdvice::methods($dog, $schools), 'value'),
            'cautions' => array_column(DryAdvice::cautions($dog, $schools), 'value'),
            'drying' => $bath->drying === null
                ? null
                : [...$this->stamp($bath->drying) ?? [], 'method' => $bath->drying->what->method->value],
            'areas' => array_map(fn(DryArea $area): array => [
                'area' => $area->value,
                'sections' => array_column($area->sections(), 'value'),
                'dry' => $this->stamp($bath->dried[$area->value] ?? null),
            ], DryArea::cases()),
            'second' => (object) $this->second(),
            'toCombAgain' => array_column($bath->toCombAgain($this->open->report->held), 'value'),
            'waivers' => array_values(array_map($this->waiver(...), $bath->waivers)),
        ];
    }

    /** @return array{byRubberBrush: bool, fineAt: list<string>}|null */
    private function shedding(): ?array
    {
        $shedding = Shedding::of($this->open->state->dog(), $this->open->state->run, $this->open->rules->table);

        return $shedding === null
            ? null
            : ['byRubberBrush' => $shedding->byRubberBrush, 'fineAt' => array_column($shedding->fineAt, 'value')];
    }

    /** @return array<string, mixed> */
    public function home(): array
    {
        $bath = $this->open->state->bath;
        $report = $this->open->report;
        $goesOn = $this->open->state->later() !== [];
        $skipped = GoingHome::skipped($this->open->state->run, $bath, $report->held);

        return [
            'ticks' => (object) array_map($this->stamp(...), $bath->ticks),
            'advised' => array_column(
                AftercareAdvice::of(
                    $this->open->state->run,
                    $this->open->state->dog()->coat,
                    $report->findings(),
                    $goesOn,
                ),
                'value',
            ),
            'aftercare' => $bath->aftercare === null
                ? null
                : [...$this->stamp($bath->aftercare) ?? [], 'items' => array_column($bath->aftercare->what->items, 'value')],
            'nextDay' => array_column(
                array_filter(Aftercare::cases(), fn(Aftercare $item): bool => $item->wantsAWordTheNextDay()),
                'value',
            ),
            'cuts' => $this->cuts(),
            'nextVisit' => $this->nextVisit(),
            'signedOff' => $this->stamp($bath->signedOff),
            'readyTold' => $this->readyTold(),
            'skipped' => array_column($skipped, 'value'),
            'goesOn' => $goesOn && GoingHome::waitsForTheNextVisit($skipped),
        ];
    }

    /** @return array<string, mixed>|null */
    private function readyTold(): ?array
    {
        $told = $this->open->state->hands->arranged->readyTold;

        return $told === null ? null : [...$this->stamp($told) ?? [], 'told' => $told->what->told->value];
    }

    /** @return array<string, mixed>|null */
    private function nextVisit(): ?array
    {
        $chosen = $this->open->state->leaving->nextVisit;

        return $chosen === null ? null : [...$this->stamp($chosen) ?? [], ...get_object_vars($chosen->what)];
    }

    /** @return list<array{section: string, mm: float, agreed: bool}> on clean coat, planned and not made yet */
    private function cuts(): array
    {
        $cuts = [];
        $consent = $this->open->report->consent();
        foreach ($this->open->report->cuts()->onCleanCoat() as $section => $mm) {
            $cuts[] = [
                'section' => $section->value,
                'mm' => $mm,
                'agreed' => $consent->mayClip($section, $mm),
            ];
        }

        return $cuts;
    }

    /** @return array<string, array<string, mixed>> by section id */
    private function second(): array
    {
        $dog = $this->open->state->dog();
        $rules = $this->open->rules;
        $second = [];
        foreach ($this->open->state->bath->second as $id => $combed) {
            $section = Section::from($id);
            $check = $combed->what->check;
            $second[$id] = [
                ...$this->stamp($combed) ?? [],
                'passed' => $this->open->state->bath->passedSecond($section),
                'waivable' => BathGate::mayWaiveAfterDrying($this->open->state->bath->secondGrade($section), $rules->table),
                'grade' => $this->open->state->bath->secondGrade($section)?->value,
                'comb' => $check->comb?->value,
                'skinLine' => $check->skinLine?->value,
                'fine' => $this->open->report->toolsAt($section)->fineComb ? $check->fine->value : null,
            ];
        }

        return $second;
    }

    /**
     * @param Mark<Waived> $waiver
     *
     * @return array<string, mixed>
     */
    private function waiver(Mark $waiver): array
    {
        return [
            'section' => $waiver->section?->value,
            'who' => $waiver->what->who,
            'reason' => $waiver->what->reason,
            'at' => Iso::of($waiver->at),
            'by' => $this->names[$waiver->by] ?? '',
        ];
    }

    /**
     * @param Mark<Payload>|null $recorded
     *
     * @return array{id: string, at: string|null, by: string}|null
     */
    private function stamp(?Mark $recorded): ?array
    {
        return $recorded === null
            ? null
            : ['id' => $recorded->id, 'at' => Iso::of($recorded->at), 'by' => $this->names[$recorded->by] ?? ''];
    }
}
