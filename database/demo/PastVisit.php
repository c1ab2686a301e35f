<?php

declare(strict_types=1);

namespace Database\Demo;

use App\Models\Dog;
use App\Models\Staff;
use App\Models\StoredMark;
use App\Models\Visit;
use App\Visits\OpenVisit;
use App\Visits\VisitMarks;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Bath\BathAdvice;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Effort\OtherMinutes;
use HoundCheck\Core\Home\AftercareAdvice;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\MarkKind;
use HoundCheck\Core\Marks\MarkReader;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Words\BathStep;
use HoundCheck\Core\Marks\Words\DryArea;
use HoundCheck\Core\Memory\DogMemory;
use HoundCheck\Core\Plan\Choices;
use HoundCheck\Core\Plan\CoatReport;
use HoundCheck\Core\Plan\Option;
use HoundCheck\Core\Plan\Treatment;
use HoundCheck\Core\Plan\TreatmentKind;
use HoundCheck\Core\Table\WorkClock;
use HoundCheck\Core\Visit\FeetInVisit;
use HoundCheck\Core\Visit\OtherWork;
use HoundCheck\Core\Visit\Stage;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A whole visit of the past, from arrival to collected, as a groomer of a certain pace would have recorded it. */
final class PastVisit
{
    /** @var list<Mark<Payload>> */
    private array $marks = [];

    /** @var list<array<string, mixed>> rows of the table of marks, without their numbers */
    private array $rows = [];

    private \DateTimeImmutable $at;

    private readonly Visit $visit;

    /** Of the steps that no mark of the work measures: draws of their own, which change nothing else. */
    private readonly Dice $hours;

    /** @param array<string, float> $cameInMm of all 30 sections, by section id */
    public function __construct(
        private readonly Dog $dog,
        private readonly Staff $groomer,
        private readonly HouseRules $rules,
        private readonly DemoIds $ids,
        private readonly Dice $dice,
        private readonly string $device,
        CarbonImmutable $start,
        private readonly array $cameInMm,
    ) {
        $this->at = $start->utc()->toDateTimeImmutable();
        $this->visit = new Visit([
            'id' => $ids->next($start),
            'dog_id' => $dog->id,
            'house_rules_version' => 1,
            'day' => $start->setTimezone(config('salon.timezone'))->toDateString(),
            'arrived_at' => $start,
            'promised_at' => $start->addMinutes(180)->ceilMinutes(15),
            'first_promised_at' => $start->addMinutes(180)->ceilMinutes(15),
            'stage' => Stage::Arrived,
        ]);
        $this->hours = new Dice(new Randomizer(new Mt19937(crc32($this->visit->id))));
    }

    /**
     * @param array<string, mixed> $answers
     * @param array<string, string> $found comb results in shorthand by section id
     * @param float $pace part of the forecast that this groomer takes on such a coat
     */
    public function play(array $answers, array $found, float $pace): OpenVisit
    {
        $this->mark(MarkKind::Arrived, [
            'weightKg' => $this->dog->weight_kg, 'coat' => $this->dog->coat->value, 'primitive' => $this->dog->primitive,
            'coatMm' => DogMemory::usual($this->cameInMm), 'sectionMm' => $this->cameInMm,
            'ageMonths' => $this->dog->ageMonths(CarbonImmutable::instance($this->at)), 'temperament' => $this->dog->temperament->value,
            'health' => $this->dog->health, 'slotMinutes' => 150,
        ], null, 0);
        $this->mark(MarkKind::ArrivalAnswered, $answers, null, 60);
        $this->inspect($found);
        // A place for which nothing is offered would have gone to a vet; here it opened at the second try.
        $open = $this->now();
        if ($open->fromHere->stuck() !== []) {
            foreach ($open->fromHere->stuck() as $section) {
                $this->mark(MarkKind::CombChecked, CombResult::payload('2/0.05'), $section->value, 60);
            }
            $open = $this->now();
        }
        $choices = $this->agree($open->fromHere);
        if (! FeetInVisit::of($this->now()->report)->fits()) {
            $this->mark(MarkKind::FeetPlanned, ['reason' => 'Used to it, with rests'], null, 0, $this->asideIds());
        }
        $this->brushOut($open->fromHere, $choices, $pace * $this->dice->spread(0.08));
        $this->bathAndDry($pace);

        return $this->now();
    }

    /**
     * What stops the comb takes three times as long as what lets it glide.
     *
     * @param array<string, string> $found comb results in shorthand by section id
     */
    private function inspect(array $found): void
    {
        $minutes = (new OtherMinutes($this->now()->state->dog(), $this->rules->effort))->arrival();
        $seconds = 60 * ($minutes * $this->hours->spread($this->rules->day->spreadByStep['inspect']) - 1);
        $weights = array_map(
            fn(Section $section): float => ($found[$section->value] ?? '0')[0] < '2' ? 1.0 : 3.0,
            $this->rules->schools->sections(),
        );
        $all = max(1.0, array_sum($weights));
        foreach ($this->rules->schools->sections() as $place => $section) {
            $result = CombResult::payload($found[$section->value] ?? '0');
            $this->mark(MarkKind::CombChecked, $result, $section->value, $seconds * $weights[$place] / $all);
        }
    }

    private function now(): OpenVisit
    {
        return OpenVisit::as(VisitMarks::of($this->visit, $this->rules, $this->marks));
    }

    /** Ids that leave the sequence of all others as it is. */
    private function asideIds(): DemoIds
    {
        return new DemoIds(new Randomizer(new Mt19937(crc32($this->visit->id))));
    }

    /** @return list<array<string, mixed>> rows of the table of marks, without their numbers */
    public function rows(): array
    {
        return $this->rows;
    }

    /** @return array<string, mixed> a row of the table of visits */
    public function visitRow(OpenVisit $open, int $lastNumber): array
    {
        return $this->visit->forceFill($open->columns($lastNumber))->getAttributes();
    }

    private function agree(CoatReport $report): Choices
    {
        $choices = $this->choose($report);
        $this->mark(MarkKind::PlanChosen, ['aim' => 'between', 'choices' => $choices->codes()], null, 20);
        $shown = $this->mark(MarkKind::PlanShown, ['choices' => $choices->codes()], null, 10);
        $answer = $this->rules->day->answerMinutes * $this->hours->spread($this->rules->day->spreadByStep['answer']);
        $this->mark(
            MarkKind::AnswerGiven,
            ['planId' => $shown, 'answer' => 'yes', 'via' => 'standing', 'who' => $this->dog->client->name],
            null,
            60 * $answer,
        );

        return $choices;
    }

    /** What keeps most for the least pulling, within what the dog can bear. */
    private function choose(CoatReport $report): Choices
    {
        $taken = [];
        foreach ($report->options->byId() as $id => $offer) {
            $offered = $offer->offered;
            usort(
                $offered,
                fn(Option $one, Option $other): int => ($other->keepShare - $other->tensionMinutes / 20)
                    <=> ($one->keepShare - $one->tensionMinutes / 20),
            );
            $taken[$id] = $offered;
        }
        // Where it asks more than the dog can bear, the places that pull most are done the easiest way.
        uasort($taken, fn(array $one, array $other): int => $other[0]->tensionMinutes <=> $one[0]->tensionMinutes);
        foreach (array_keys($taken) as $id) {
            if (array_sum(array_map(fn(array $offered): float => $offered[0]->tensionMinutes, $taken)) <= $report->tolerance->minutes) {
                break;
            }
            usort(
                $taken[$id],
                fn(Option $one, Option $other): int => [$one->tensionMinutes, -$one->keepShare]
                    <=> [$other->tensionMinutes, -$other->keepShare],
            );
        }

        return Choices::of(array_map(fn(array $offered): Treatment => $offered[0]->treatment, $taken));
    }

    private function brushOut(CoatReport $report, Choices $choices, float $pace): void
    {
        $this->mark(MarkKind::RunStarted, ['scope' => 'whole_coat'], null, 240);
        foreach ($this->rules->schools->sections() as $section) {
            $treatment = $choices->for($section);
            $minutes = $treatment === null ? 0.0 : ($report->options->at($section)?->find($treatment)->minutes ?? 0.0);
            $seconds = max(3.0, 60 * $minutes * $pace * $this->dice->spread(0.28));
            $this->mark(MarkKind::SectionTaken, [], $section->value, 2);
            if ($treatment?->kind === TreatmentKind::Demat || $treatment?->kind === TreatmentKind::Thin) {
                $treatment = $this->clipInstead($section) ?? $treatment;
            }
            if ($treatment?->kind === TreatmentKind::Demat || $treatment?->kind === TreatmentKind::Thin) {
                $treatment = $this->openMats($section, $treatment, $seconds * 0.5);
                $seconds *= 0.5;
            }
            if ($this->dice->happens(0.02)) {
                $this->mark(MarkKind::Paused, [], null, 1);
                $this->mark(MarkKind::Resumed, [], null, 120 + 60 * $this->dice->between(1, 6));
            }
            $seconds = $this->workOn($section, $seconds);
            // Clean coat is cut after the dryer; a longer cut of matted hair is combed.
            $cuts = $treatment?->clipMm !== null && $report->grade($section)?->isMatted() === true;
            if ($cuts) {
                $this->mark(MarkKind::Clipped, ['mm' => $treatment->clipMm], $section->value, $seconds);
            }
            if (! $cuts || $treatment->clipMm > $this->rules->plan->fineTeethMm) {
                $this->mark(MarkKind::TableCombed, ['comb' => 'glides', 'skinLine' => 'clear'], $section->value, $cuts ? 3 : $seconds);
            }
        }
    }

    /** Where the work took longer than was forecast the dog has borne enough: what is still matted is clipped. */
    private function clipInstead(Section $section): ?Treatment
    {
        $open = $this->now();
        $offered = $open->report->borne->isSpent() ? $open->fromHere->options->at($section)->offered : [];

        return $offered === [] ? null : $offered[0]->treatment;
    }

    /** @return Treatment as it was begun, or the clip that a reaction with the mat in hand left */
    private function openMats(Section $section, Treatment $treatment, float $seconds): Treatment
    {
        $this->mark(MarkKind::MatTaken, [], $section->value, 2);
        $reacts = $this->dice->happens(0.12);
        if ($reacts) {
            $this->mark(MarkKind::Reacted, ['signal' => $this->dice->happens(0.7) ? 'looks' : 'tucks'], $section->value, $seconds / 2);
            $seconds /= 2;
        }
        $seconds = $this->workOn($section, $seconds);
        $thinned = $treatment->kind === TreatmentKind::Thin;
        $worked = ['outcome' => $thinned ? 'thinned' : 'opened', 'closes' => $thinned ? $this->dice->between(2, 4) : 0];
        $instead = $reacts ? $this->clipInstead($section) : null;
        if ($instead === null) {
            $this->mark(MarkKind::MatWorked, $worked, $section->value, $seconds);
        }

        return $instead ?? $treatment;
    }

    /**
     * A long piece of work is not silent: the coat is misted in between.
     *
     * @return float seconds that are left of it
     */
    private function workOn(Section $section, float $seconds): float
    {
        $step = 0.8 * WorkClock::SILENCE_SECONDS;
        for (; $seconds > $step; $seconds -= $step) {
            $this->mark(MarkKind::Misted, [], $section->value, $step);
        }

        return $seconds;
    }

    /** @param float $pace part of the forecast that this groomer takes for the finish */
    private function bathAndDry(float $pace): void
    {
        $open = $this->now();
        $this->mark(MarkKind::BathCleared, [], null, 60);
        $product = BathAdvice::of($open->state->dog(), $open->report->findings(), [])[0]->product->value;
        $bath = $this->hours->spread($this->rules->day->spreadByStep['bath']);
        foreach (BathStep::ofEveryBath() as $step) {
            $this->mark(
                MarkKind::BathStepped,
                ['step' => $step->value, ...($step === BathStep::Lathered ? ['product' => $product] : [])],
                null,
                20 * $open->fromHere->effort->bathMinutes() * $bath,
            );
        }
        $this->mark(MarkKind::DryStarted, ['method' => 'dryer'], null, 90);
        foreach (DryArea::cases() as $area) {
            $this->mark(
                MarkKind::Dried,
                ['area' => $area->value],
                null,
                10 * $open->report->dryMinutes() * $this->dice->spread(0.15),
            );
        }
        $check = 2 * (new OtherWork($open->report))->secondCheck() * $this->hours->spread($this->rules->day->spreadByStep['check']);
        foreach ($this->rules->schools->sections() as $section) {
            $this->mark(MarkKind::SecondCombed, ['comb' => 'glides', 'skinLine' => 'clear', 'fine' => 'glides'], $section->value, $check);
        }
        $cuts = $open->report->cuts()->onCleanCoat()->byId();
        $finish = 60 * (new OtherWork($open->report))->finish() * $pace * $this->dice->spread(0.12);
        foreach ($cuts as $section => $mm) {
            $this->mark(MarkKind::Clipped, ['mm' => $mm], $section, 0.9 * $finish / count($cuts));
        }
        $advised = AftercareAdvice::of($open->state->run, $open->state->dog()->coat, $open->report->findings());
        $this->mark(MarkKind::AftercareChosen, ['items' => array_column($advised, 'value')], null, ($cuts === [] ? 1 : 0.1) * $finish);
        $this->mark(MarkKind::SignedOff, [], null, 20);
        $this->mark(MarkKind::HandedOver, [], null, 60 * $this->dice->between(5, 50));
    }

    /**
     * @param array<string, mixed> $payload
     *
     * @return string the mark's id
     */
    private function mark(MarkKind $kind, array $payload, ?string $section, float $afterSeconds, ?DemoIds $ids = null): string
    {
        $this->at = $this->at->modify(sprintf('+%d milliseconds', (int) round(1000 * $afterSeconds)));
        $id = ($ids ?? $this->ids)->next($this->at);
        $mark = app(MarkReader::class)->read($kind, $id, $section, $this->at, $this->groomer->id, $payload, $this->device);
        $this->marks[] = $mark;
        $this->rows[] = StoredMark::rowOf($mark, $this->visit->id, $this->at);

        return $id;
    }
}
