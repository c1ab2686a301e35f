<?php

declare(strict_types=1);

namespace Database\Demo;

use App\Models\Dog;
use App\Models\Staff;
use App\Models\Visit;
use App\Visits\Arrival;
use App\Visits\MarkAnswer;
use App\Visits\OpenVisit;
use App\Visits\PhotoStore;
use App\Visits\VisitDesk;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Coat\RouteSchool;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Marks\MarkKind;
use HoundCheck\Core\Marks\MarkReader;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Words\BathStep;
use HoundCheck\Core\Marks\Words\DryArea;
use HoundCheck\Core\Plan\Frontier\FrontierSolver;
use HoundCheck\Core\Plan\Frontier\Wishes;
use HoundCheck\Core\Visit\FeetInVisit;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A hand of the demo salon: records a visit over the desk, as somebody with a tablet would. */
final class DemoHand
{
    public function __construct(
        private readonly VisitDesk $desk,
        private readonly PhotoStore $photos,
        private readonly Randomizer $random,
        private readonly DemoIds $ids,
        private readonly string $device,
        private readonly CarbonImmutable $now,
    ) {}

    /**
     * Its id leaves the sequence of all others as it is.
     *
     * @return Mark<Payload>
     */
    private function goesOver(Visit $visit, CarbonImmutable $at): Mark
    {
        $id = (new DemoIds(new Randomizer(new Mt19937(crc32($visit->id)))))->next($at);

        $why = ['reason' => 'Used to it, with rests'];

        return app(MarkReader::class)->read(MarkKind::FeetPlanned, $id, null, $at->toDateTimeImmutable(), '', $why, $this->device);
    }

    /**
     * The first sections of the route, combed through or clipped as planned.
     *
     * @param float $pace part of the forecast that it takes
     *
     * @return CarbonImmutable when the last of them was done
     */
    public function brushOut(Visit $visit, Staff $by, CarbonImmutable $start, int $sections, float $pace): CarbonImmutable
    {
        $open = OpenVisit::load($visit);
        $choices = $open->totals->choices;
        $each = 60 * $pace * $open->report->minutes() / 30;
        $marks = FeetInVisit::of($open->report)->fits() ? [] : [$this->goesOver($visit, $start)];
        $marks[] = $this->sent($start, MarkKind::RunStarted, ['scope' => 'whole_coat'], null);
        foreach (array_slice(RouteSchool::FeetUp->route(), 0, $sections) as $step => $section) {
            $marks[] = $this->sent($start->addSeconds((int) ($step * $each)), MarkKind::SectionTaken, [], $section->value);
            $done = $start->addSeconds((int) (($step + 1) * $each) - 1);
            if (in_array($section, $open->report->toMind, true)) {
                $marks[] = $this->sent($done->subSeconds(2), MarkKind::FindingMinded, [], $section->value);
            }
            $clipMm = $choices->for($section)?->clipMm;
            // Clean coat is cut after the dryer; a longer cut of matted hair is combed.
            $cuts = $clipMm !== null && $open->fromHere->grade($section)?->isMatted() === true;
            if ($cuts) {
                $marks[] = $this->sent($done->subSecond(), MarkKind::Clipped, ['mm' => $clipMm], $section->value);
            }
            if (! $cuts || $clipMm > $open->rules->plan->fineTeethMm) {
                $marks[] = $this->sent($done, MarkKind::TableCombed, CombResult::payload('0'), $section->value);
            }
        }
        $end = $start->addSeconds((int) ($each * $sections));
        $this->send($visit, $marks, $by, $end);

        return $end;
    }

    /** @param int $areas dry to the skin so far */
    public function bathAndDry(Visit $visit, Staff $by, CarbonImmutable $start, int $areas): void
    {
        $marks = [$this->sent($start, MarkKind::BathCleared, [], null)];
        foreach (BathStep::ofEveryBath() as $step => $one) {
            $marks[] = $this->sent(
                $start->addMinutes(4 * $step + 2),
                MarkKind::BathStepped,
                ['step' => $one->value, ...($one === BathStep::Lathered ? ['product' => 'mild'] : [])],
                null,
            );
        }
        $marks[] = $this->sent($start->addMinutes(14), MarkKind::DryStarted, ['method' => 'dryer'], null);
        foreach (array_slice(DryArea::cases(), 0, $areas) as $step => $area) {
            $marks[] = $this->sent($start->addMinutes(14 + 4 * ($step + 1)), MarkKind::Dried, ['area' => $area->value], null);
        }
        $this->send($visit, $marks, $by, $start->addMinutes(14 + 4 * $areas));
    }

    public function finish(Visit $visit, Staff $by, CarbonImmutable $start): void
    {
        $marks = [];
        foreach (Section::cases() as $step => $section) {
            $marks[] = $this->sent(
                $start->addSeconds(4 * $step),
                MarkKind::SecondCombed,
                CombResult::payload('0') + ['fine' => 'glides'],
                $section->value,
            );
        }
        foreach (['nails', 'pads', 'gear_back_on'] as $step => $item) {
            $marks[] = $this->sent($start->addMinutes(4 + $step), MarkKind::FinishTicked, ['item' => $item], null);
        }
        $marks[] = $this->sent($start->addMinutes(8), MarkKind::AftercareChosen, ['items' => []], null);
        $marks[] = $this->sent($start->addMinutes(9), MarkKind::SignedOff, [], null);
        $this->send($visit, $marks, $by, $start->addMinutes(9));
    }

    /** @param array<string, mixed> $answers */
    public function arrive(Dog $dog, Staff $by, CarbonImmutable $at, array $answers, ?int $promisedAfter = null): Visit
    {
        CarbonImmutable::setTestNow($at);
        $promised = $promisedAfter === null ? null : $at->addMinutes($promisedAfter)->ceilMinutes(15);
        $visit = $this->desk->open(
            new Arrival($this->ids->next($at), $this->ids->next($at), $at, $this->device, $promised),
            $dog->refresh(),
            $by,
        );
        // The dogs of the demo are measured: they come in as their cards have them.
        $measured = ['weightKg' => $dog->weight_kg, 'coatMm' => $dog->coat_mm, 'sectionMm' => $dog->section_mm];
        $this->mark($visit, $by, $at->addMinute(), MarkKind::ArrivalAnswered, [...$measured, ...$answers]);

        return $visit;
    }

    /** @param array<string, string> $results */
    public function inspect(Visit $visit, Staff $by, CarbonImmutable $start, array $results, int $sections): void
    {
        $marks = [];
        foreach (array_slice(RouteSchool::FeetUp->route(), 0, $sections) as $step => $section) {
            $at = $start->addSeconds(7 * $step);
            $marks[] = $this->sent($at, MarkKind::CombChecked, CombResult::payload($results[$section->value] ?? '0'), $section->value);
        }
        $this->send($visit, $marks, $by, $start->addSeconds(7 * $sections));
    }

    /** The groomer settles on the balanced plan; where nothing fits, on the one with the least pulling. */
    public function decide(Visit $visit, Staff $by, CarbonImmutable $at): void
    {
        $open = OpenVisit::load($visit);
        $solver = new FrontierSolver($open->fromHere, new Wishes);
        $plan = $solver->feasible()->balanced() ?? $solver->shortfall()->clipDown;
        $this->mark($visit, $by, $at, MarkKind::PlanChosen, ['aim' => 'balanced', 'choices' => $plan->choices->codes()]);
    }

    public function showAndAgree(Visit $visit, Staff $by, CarbonImmutable $at, string $client): void
    {
        $shown = $this->sent($at, MarkKind::PlanShown, ['choices' => OpenVisit::load($visit)->totals->choices->codes()], null);
        $answer = $this->sent(
            $at->addMinute(),
            MarkKind::AnswerGiven,
            ['planId' => $shown->id, 'answer' => 'yes', 'via' => 'here', 'who' => $client],
            null,
        );
        $this->send($visit, [$shown, $answer], $by, $at->addMinute());
    }

    /** A drawn photo of a section, matted as much as its grade says. */
    public function photo(Visit $visit, Staff $by, CarbonImmutable $at, ?string $section, int $grade, ?string $findingId = null): void
    {
        CarbonImmutable::setTestNow($at);
        $file = (string) tempnam(sys_get_temp_dir(), 'demo-photo');
        file_put_contents($file, DemoPhoto::draw($this->random, $visit->dog->coat, $grade));
        $kept = $this->photos->prepare($file);
        unlink($file);
        $payload = array_filter([
            'moment' => 'before',
            'findingId' => $findingId,
            'widthPx' => $kept->widthPx,
            'heightPx' => $kept->heightPx,
        ]);
        [$answer] = $this->desk->recordPhoto($visit, $this->sent($at, MarkKind::PhotoTaken, $payload, $section), $kept, $by)->answers;
        if (! $answer->wasTaken()) {
            throw new \LogicException('A demo photo was refused: '.json_encode($answer->toArray()));
        }
    }

    /** @param array<string, mixed> $payload */
    public function mark(Visit $visit, Staff $by, CarbonImmutable $at, MarkKind $kind, array $payload, ?string $section = null): string
    {
        $mark = $this->sent($at, $kind, $payload, $section);
        $this->send($visit, [$mark], $by, $at);

        return $mark->id;
    }

    /** @param array<string, mixed> $payload */
    private function sent(CarbonImmutable $at, MarkKind $kind, array $payload, ?string $section): Mark
    {
        // In the small hours the day is pressed together; nothing of it lies ahead.
        $at = $at->min($this->now);

        $id = $this->ids->next($at);

        return app(MarkReader::class)->read($kind, $id, $section, $at->toDateTimeImmutable(), '', $payload, $this->device);
    }

    /** @param list<Mark<Payload>> $marks */
    private function send(Visit $visit, array $marks, Staff $by, CarbonImmutable $receivedAt): void
    {
        CarbonImmutable::setTestNow($receivedAt->min($this->now));
        $answers = $this->desk->record($visit, $marks, $by)->answers;
        $refused = array_filter($answers, fn(MarkAnswer $answer): bool => $answer->outcome !== 'taken');
        if ($refused !== []) {
            throw new \LogicException('A demo mark was refused: '.json_encode(array_map(
                fn(MarkAnswer $answer): array => $answer->toArray(),
                $refused,
            )));
        }
    }
}
