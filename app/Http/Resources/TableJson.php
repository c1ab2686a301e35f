<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Visits\OpenVisit;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Effort\Forecast;
use HoundCheck\Core\Marks\Kinds\MatParked;
use HoundCheck\Core\Marks\Kinds\RakePassed;
use HoundCheck\Core\Marks\Kinds\Reacted;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\Words\RunScope;
use HoundCheck\Core\Marks\Words\Signal;
use HoundCheck\Core\Table\Guard;
use HoundCheck\Core\Table\Guards;
use HoundCheck\Core\Table\OpeningWay;
use HoundCheck\Core\Table\RunRoute;
use HoundCheck\Core\Table\SectionLedger;
use HoundCheck\Core\Table\Thinning;
use HoundCheck\Core\Table\Undercoat;
use HoundCheck\Core\Table\WorkClock;
use HoundCheck\Core\Table\WorkedMat;
use HoundCheck\Core\Visit\Consent;
use HoundCheck\Core\Visit\Scopes;
use HoundCheck\Core\Visit\TableStep;
use Illuminate\Support\Collection;

/** The brush-out as the table screen draws it. */
final readonly class TableJson
{
    /** Closes of the thinning shear for which the screen says what is left. */
    private const CLOSES = 12;

    private Guards $guards;

    private Consent $consent;

    /** @param Collection<string, string> $names of the staff, by id */
    private function __construct(private OpenVisit $open, private Collection $names)
    {
        $this->consent = $open->report->consent();
        $this->guards = new Guards(
            $open->state->run,
            $open->report->borne,
            $open->rules,
            $open->report->atInspection->tolerance->sectionCapMinutes,
        );
    }

    /**
     * @param Collection<string, string> $names of the staff, by id
     *
     * @return array<string, mixed>
     */
    public static function of(OpenVisit $open, Collection $names): array
    {
        return (new self($open, $names))->toArray();
    }

    /** @return array<string, mixed> */
    private function toArray(): array
    {
        $open = $this->open;
        $run = $open->state->run;
        $rules = $open->rules;

        return [
            'begun' => $run->hasBegun(),
            'scope' => $run->scope->value,
            'scopes' => array_column(Scopes::of($this->open->report), 'value'),
            'startedAt' => Iso::of($run->startedAt),
            'lastAt' => Iso::of($run->lastAt),
            'current' => $run->current()?->value,
            'paused' => $run->isPaused(),
            'seconds' => $run->seconds(),
            'route' => $this->route($run->scope),
            'routes' => array_combine(array_column(RunScope::cases(), 'value'), array_map($this->route(...), RunScope::cases())),
            'sections' => array_combine(array_column(Section::cases(), 'value'), array_map($this->section(...), Section::cases())),
            'parked' => array_values(array_map($this->parked(...), $run->parked)),
            'reactions' => array_map($this->reaction(...), $run->reactions),
            'mat' => $run->mat === null
                ? null
                : [
                    'id' => $run->mat->id,
                    'section' => $run->mat->section?->value,
                    'parkedId' => $run->mat->what->parkedId,
                    'seconds' => $run->matSeconds($run->mat->id),
                ],
            'borne' => $this->borne(),
            'signals' => array_combine(
                array_column(Signal::cases(), 'value'),
                array_map(
                    fn(Signal $signal): ?float => is_infinite($signal->minutes($rules->table)) ? null : $signal->minutes($rules->table),
                    Signal::cases(),
                ),
            ),
            'thinningLeft' => array_map(fn(int $closes): float => Thinning::left($rules->kit, $closes), range(0, self::CLOSES)),
            'forecast' => ForecastJson::of($open->forecast()),
            'left' => ForecastJson::of($open->forecastLeft()),
            'clock' => ForecastJson::clock($open, $this->names[$open->state->hands->of ?? ''] ?? ''),
            'matLimitSeconds' => $rules->table->matSeconds,
            'treats' => $rules->schools->treats->value,
            'silence' => ['seconds' => WorkClock::SILENCE_SECONDS, 'withAMatSeconds' => WorkClock::SILENCE_WITH_A_MAT_SECONDS],
            'bladedDeshedders' => $rules->schools->bladedDeshedders && ! $open->state->dog()->primitive,
        ];
    }

    /** @return list<string> section ids in the order of the hands */
    private function route(RunScope $scope): array
    {
        return array_column(RunRoute::of($scope, $this->open->atInspection, $this->open->totals), 'value');
    }

    /** @return array<string, mixed> */
    private function section(Section $section): array
    {
        $open = $this->open;
        $rules = $open->rules;
        $here = $open->state->run->at($section);
        $report = $open->report;
        $grade = $open->fromHere->grade($section);
        $choice = $open->totals->choices->for($section);
        $minutes = $report->sectionMinutes($section);

        return [
            'grade' => $grade?->value,
            'choice' => $choice?->code(),
            'clipAgreed' => $choice?->clipMm === null || $this->consent->mayClip($section, $choice->clipMm),
            'matCutAgreed' => $this->consent->mayClip($section, INF),
            'matMayBeTaken' => $report->mayTakeInHand($section),
            'held' => in_array($section, $report->held, true) || in_array($section, $open->state->later(), true),
            'later' => in_array($section, $open->state->later(), true),
            'asks' => TableStep::at($section, $report)->value,
            'cutAfterDrying' => $report->cuts()->waitsForTheDryer($section),
            'combAfterMm' => $report->cuts()->combAfterMm($section),
            'toMind' => in_array($section, $report->toMind, true),
            'lines' => $open->fromHere->effort->geometry($section)->lines,
            'linesDone' => $here->lines,
            'linesSinceMist' => $here->linesSinceMist,
            'countsLines' => $rules->schools->lineCount->countsWhere($grade?->isMatted() === true),
            'lineLimitSeconds' => $this->guards->lineSeconds($grade),
            'comb' => $this->comb($here),
            'done' => $here->isDone(),
            'doneAt' => Iso::of($here->proof?->at),
            'doneBy' => $here->proof === null ? null : ($this->names[$here->proof->by] ?? ''),
            'openedWith' => ($open->state->run->openedWith[$section->value] ?? null)?->value,
            'clippedMm' => $here->cutMm(),
            'seconds' => $open->state->run->secondsAt($section),
            'lineSeconds' => $open->state->run->lineSecondsAt($section),
            'forecast' => $minutes === null ? null : ForecastJson::of(Forecast::ofSection($minutes, $open->clock(), $open->rules->effort)),
            'borne' => $report->borne->at($section),
            'guards' => array_map(
                fn(Guard $guard): array => ['kind' => $guard->kind->value, 'found' => $guard->found, 'limit' => $guard->limit],
                $this->guards->at($section, $report->findingsAt($section)),
            ),
            'mats' => $this->mats($here),
            'openingWays' => $grade?->isMatted() === true ? array_column(OpeningWay::for($grade, $rules->schools), 'value') : [],
            'thinningOffered' => $report->mayThin($section),
            'undercoat' => $this->undercoat($here),
            'blades' => $grade?->isMatted() === true ? BladesJson::of($open, $section, $this->names) : null,
        ];
    }

    /** @return list<array<string, mixed>> mats that were opened, thinned or cut out */
    private function mats(SectionLedger $here): array
    {
        $ended = array_values(array_filter($here->mats, fn(WorkedMat $mat): bool => $mat->outcome !== null));

        return array_map(fn(WorkedMat $mat): array => [
            'id' => $mat->id,
            'outcome' => $mat->outcome?->value,
            'seconds' => $this->open->state->run->matSeconds($mat->takenId),
            'closes' => $mat->closes,
        ], $ended);
    }

    /** @return array<string, mixed>|null the latest comb check at the table */
    private function comb(SectionLedger $here): ?array
    {
        return $here->comb === null ? null : array_map(
            fn(mixed $value): mixed => $value instanceof \BackedEnum ? $value->value : $value,
            get_object_vars($here->comb->what->check),
        );
    }

    /** @return array<string, mixed>|null null where there is no undercoat to rake */
    private function undercoat(SectionLedger $here): ?array
    {
        if (! Undercoat::isRaked($this->open->state->dog())) {
            return null;
        }
        $undercoat = new Undercoat($here->passes, $this->open->rules->table);

        return [
            'passes' => array_map(fn(Mark $pass): array => self::pass($pass->what), $here->passes),
            'rake' => $undercoat->rake()->value,
            'next' => $undercoat->next()->value,
        ];
    }

    /** @return array<string, mixed> */
    private static function pass(RakePassed $pass): array
    {
        return ['rake' => $pass->rake->value, 'handfuls' => $pass->handfuls];
    }

    /**
     * @param Mark<MatParked> $parked
     *
     * @return array<string, mixed>
     */
    private function parked(Mark $parked): array
    {
        return [
            'id' => $parked->id,
            'section' => $parked->section?->value,
            'note' => $parked->what->note,
            'because' => $parked->what->because?->value,
            'at' => Iso::of($parked->at),
            'by' => $this->names[$parked->by] ?? '',
        ];
    }

    /**
     * @param Mark<Reacted> $reaction
     *
     * @return array<string, mixed>
     */
    private function reaction(Mark $reaction): array
    {
        return [
            'id' => $reaction->id,
            'signal' => $reaction->what->signal->value,
            'section' => $reaction->section?->value,
            'at' => Iso::of($reaction->at),
        ];
    }

    /** @return array<string, mixed> */
    private function borne(): array
    {
        $borne = $this->open->report->borne;

        return [
            'tolerance' => $borne->toleranceMinutes,
            'byWork' => $borne->byWork(),
            'byReactions' => is_infinite($borne->byReactionsMinutes) ? null : $borne->byReactionsMinutes,
            'left' => $borne->left(),
            'spent' => $borne->isSpent(),
            'sectionCap' => $this->open->report->atInspection->tolerance->sectionCapMinutes,
        ];
    }
}
