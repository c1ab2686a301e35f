<?php

declare(strict_types=1);

namespace App\Demo;

use App\Models\Client;
use App\Models\Dog;
use App\Models\HouseRulesVersion;
use App\Models\Staff;
use App\Models\Visit;
use App\Photos\PhotoStore;
use App\Visits\MarkAnswer;
use App\Visits\OpenVisit;
use App\Visits\SentMark;
use App\Visits\VisitDesk;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Coat\RouteSchool;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Dog\HomeBrushing;
use HoundCheck\Core\Plan\Frontier\FrontierSolver;
use HoundCheck\Core\Plan\Frontier\Wishes;
use HoundCheck\Core\Table\BathStep;
use HoundCheck\Core\Table\DryArea;
use HoundCheck\Core\Visit\MarkKind;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Fills an empty database with the demo salon: the same for the same moment, dates relative to it. */
final class DemoWorld
{
    private const SEED = 20260;

    private readonly Randomizer $random;

    private readonly DemoIds $ids;

    private readonly string $device;

    /** @var array<string, Staff> */
    private array $staff = [];

    /** @var array<string, Dog> */
    private array $dogs = [];

    public function __construct(private readonly VisitDesk $desk, private readonly PhotoStore $photos, private readonly CarbonImmutable $now)
    {
        $this->random = new Randomizer(new Mt19937(self::SEED));
        $this->ids = new DemoIds($this->random);
        $this->device = $this->ids->next($now);
    }

    /** @param string|null $truthFile two years of visits before today as well, and where to write what they were made from */
    public function fill(?string $truthFile = null): void
    {
        HouseRulesVersion::current();
        $this->makeStaff();
        $this->makeDogs();
        if ($truthFile !== null) {
            $this->makeHistory($truthFile);
        }
        $this->makeEarlierVisits();
        $this->makeToday();
        CarbonImmutable::setTestNow();
    }

    private function makeHistory(string $truthFile): void
    {
        $dice = new Dice($this->random);
        $history = new DemoHistory($dice, $this->ids, $this->staff, $this->device, $this->now);
        foreach ($this->dogs as $name => $dog) {
            $home = HomeBrushing::from(DemoDogs::arrivals()[$name]['homeBrushing'] ?? 'weekly');
            $history->addDog($dog, $home, $this->now->subDays(120));
        }
        foreach ((new DemoKennel($this->random))->dogs() as $name => $facts) {
            $history->addDog($this->makeDog($name, $facts), $facts['home'], $this->now->subDays($dice->between(16, 50)));
        }
        $history->finish($truthFile);
    }

    private function makeStaff(): void
    {
        foreach (DemoDogs::staff() as $name => $facts) {
            $this->staff[$name] = Staff::query()->create(['id' => $this->ids->next($this->now), 'name' => $name, ...$facts, 'active' => true]);
        }
    }

    private function makeDogs(): void
    {
        foreach (DemoDogs::dogs() as $name => $facts) {
            $this->dogs[$name] = $this->makeDog($name, $facts);
        }
    }

    /** @param array<string, mixed> $facts */
    private function makeDog(string $name, array $facts): Dog
    {
        $client = Client::query()->create(['id' => $this->ids->next($this->now), 'name' => $facts['client'], 'phone' => $facts['phone']]);

        return Dog::query()->create([
            'id' => $this->ids->next($this->now),
            'client_id' => $client->id,
            'name' => $name,
            'breed' => $facts['breed'],
            'sex' => $facts['sex'],
            'entire' => $facts['entire'] ?? false,
            'born_on' => $this->now->subMonths($facts['months'])->subDays(9)->toDateString(),
            'coat' => $facts['coat'],
            'primitive' => $facts['primitive'] ?? false,
            'coat_mm' => $facts['coatMm'],
            'section_mm' => $facts['sectionMm'] ?? [],
            'weight_kg' => $facts['weightKg'],
            'temperament' => $facts['temperament'],
            'health' => $facts['health'] ?? [],
            'mind' => $facts['mind'],
        ]);
    }

    /** Two finished visits a dog; the puppy has none, and the spaniel cross one. */
    private function makeEarlierVisits(): void
    {
        foreach ($this->dogs as $name => $dog) {
            $visits = match ($name) {
                'Fen' => 0,
                'Rook' => 1,
                default => 2,
            };
            for ($back = $visits; $back >= 1; $back--) {
                $start = $this->now->subDays(47 * $back + $this->random->getInt(-5, 5))->setTime(9 + $this->random->getInt(0, 5), 5 * $this->random->getInt(0, 11));
                $this->finishedVisit($name, $dog, $start, $this->milder(DemoDogs::combResults()[$name]), $name === 'Dulse' && $back === 1);
            }
        }
    }

    /** @param array<string, string> $results */
    private function finishedVisit(string $name, Dog $dog, CarbonImmutable $start, array $results, bool $withFinding): void
    {
        $groomer = $this->staff[$this->random->getInt(0, 1) === 0 ? 'Imke' : 'Rosalind'];
        $visit = $this->arrive($dog, $groomer, $start, ['consent' => 'any', 'homeBrushing' => 'top_only', 'gearOff' => true] + (DemoDogs::arrivals()[$name] ?? []));
        $this->inspect($visit, $groomer, $start->addMinutes(6), $results, 30);
        if ($withFinding) {
            $finding = $this->mark($visit, $groomer, $start->addMinutes(9), MarkKind::FindingNoted, ['kind' => 'growth', 'note' => 'Pea-sized, moves under the skin. Client knows, vet has seen it.', 'sizeMm' => 6], 'shoulder_r');
            $this->photo($visit, $groomer, $start->addMinutes(10), 'shoulder_r', 1, $finding);
            $this->photo($visit, $groomer, $start->addMinutes(11), 'hindleg_l', 2);
        }
        $this->decide($visit, $groomer, $start->addMinutes(14));
        $this->showAndAgree($visit, $groomer, $start->addMinutes(17), $dog->client->name);
        $this->mark($visit, $groomer, $start->addMinutes(140), MarkKind::HandedOver, ['skippedBecause' => 'Brush-out, bath and drying were kept on paper.']);
    }

    private function makeToday(): void
    {
        $imke = $this->staff['Imke'];
        $rosalind = $this->staff['Rosalind'];
        $teo = $this->staff['Teo'];
        $results = DemoDogs::combResults();

        $tolly = $this->arrive($this->dogs['Tolly'], $rosalind, $this->ago(190), DemoDogs::arrivals()['Tolly'], promisedAfter: 195);
        $this->inspect($tolly, $rosalind, $this->ago(184), $results['Tolly'], 30);
        $this->decide($tolly, $rosalind, $this->ago(178));
        $this->showAndAgree($tolly, $rosalind, $this->ago(176), 'Edda Brandt');
        $this->brushOut($tolly, $rosalind, 160, 30, 1.1);
        $this->bathAndDry($tolly, $rosalind, 112, 6);
        $this->finish($tolly, $rosalind, 66);

        $oriel = $this->arrive($this->dogs['Oriel'], $imke, $this->ago(118), DemoDogs::arrivals()['Oriel'], promisedAfter: 150);
        $this->inspect($oriel, $imke, $this->ago(110), $results['Oriel'], 30);
        $this->mark($oriel, $imke, $this->ago(104), MarkKind::FindingNoted, ['kind' => 'redness', 'note' => 'Left hip, where she lies.', 'sizeMm' => 20], 'breeches_l');
        $this->decide($oriel, $imke, $this->ago(101));
        $this->showAndAgree($oriel, $imke, $this->ago(98), 'Philippa Sandlake');

        $this->brushOut($oriel, $imke, 26, 14, 1.4);
        $this->mark($oriel, $imke, $this->ago(1), MarkKind::SectionTaken, [], RouteSchool::FeetUp->route()[14]->value);

        $marlow = $this->arrive($this->dogs['Marlow'], $rosalind, $this->ago(140), DemoDogs::arrivals()['Marlow'], promisedAfter: 200);
        $this->inspect($marlow, $rosalind, $this->ago(134), $results['Marlow'], 30);
        $this->decide($marlow, $rosalind, $this->ago(129));
        $this->showAndAgree($marlow, $rosalind, $this->ago(126), 'Gwendolin Ferrar');
        $this->brushOut($marlow, $rosalind, 120, 30, 1.2);
        $this->bathAndDry($marlow, $rosalind, 30, 3);

        $rook = $this->arrive($this->dogs['Rook'], $rosalind, $this->ago(74), DemoDogs::arrivals()['Rook'], promisedAfter: 180);
        $this->inspect($rook, $rosalind, $this->ago(66), $results['Rook'], 30);
        $this->mark($rook, $rosalind, $this->ago(58), MarkKind::FindingNoted, ['kind' => 'odour', 'note' => 'Both ears smell. Said to Mr Pereira: ask the vet.'], 'ear_l');
        $this->decide($rook, $rosalind, $this->ago(55));
        $this->mark($rook, $rosalind, $this->ago(52), MarkKind::PlanShown, ['choices' => OpenVisit::load($rook)->totals->choices->codes()]);

        $moss = $this->arrive($this->dogs['Moss'], $imke, $this->ago(55), DemoDogs::arrivals()['Moss'], promisedAfter: 240);
        $this->inspect($moss, $teo, $this->ago(47), $results['Moss'], 30);

        $dulse = $this->arrive($this->dogs['Dulse'], $imke, $this->ago(31), DemoDogs::arrivals()['Dulse'], promisedAfter: 200);
        $this->inspect($dulse, $imke, $this->ago(9), $results['Dulse'], 17);
        $this->mark($dulse, $imke, $this->ago(8), MarkKind::GradeJudged, ['grade' => 3, 'instead' => 2, 'reason' => 'It felts again as soon as I open it.'], 'hindleg_r');
        $this->photo($dulse, $imke, $this->ago(7), 'hindleg_l', 3);

        $this->arrive($this->dogs['Fen'], $teo, $this->ago(22), DemoDogs::arrivals()['Fen'], promisedAfter: 180);
        $this->arrive($this->dogs['Halla'], $teo, $this->ago(6), DemoDogs::arrivals()['Halla'], promisedAfter: 210);
    }

    /**
     * The first sections of the route, combed through or clipped as planned.
     *
     * @param float $pace part of the forecast that it takes
     */
    private function brushOut(Visit $visit, Staff $by, int $ago, int $sections, float $pace): void
    {
        $open = OpenVisit::load($visit);
        $choices = $open->totals->choices;
        $start = $this->ago($ago);
        $each = 60 * $pace * $open->stands->minutes() / 30;
        $marks = [$this->sent($start, MarkKind::RunStarted, ['scope' => 'whole_coat'], null)];
        foreach (array_slice(RouteSchool::FeetUp->route(), 0, $sections) as $step => $section) {
            $marks[] = $this->sent($start->addSeconds((int) ($step * $each)), MarkKind::SectionTaken, [], $section->value);
            $done = $start->addSeconds((int) (($step + 1) * $each) - 1);
            $clipMm = $choices->for($section)?->clipMm;
            $marks[] = $clipMm === null
                ? $this->sent($done, MarkKind::TableCombed, CombResult::payload('0'), $section->value)
                : $this->sent($done, MarkKind::Clipped, ['mm' => $clipMm], $section->value);
        }
        $this->send($visit, $marks, $by, $start->addSeconds((int) ($each * $sections)));
    }

    /** @param int $areas dry to the skin so far */
    private function bathAndDry(Visit $visit, Staff $by, int $ago, int $areas): void
    {
        $start = $this->ago($ago);
        $marks = [$this->sent($start, MarkKind::BathCleared, [], null)];
        foreach (BathStep::cases() as $step => $one) {
            $marks[] = $this->sent($start->addMinutes(4 * $step + 2), MarkKind::BathStepped, ['step' => $one->value, ...($one === BathStep::Lathered ? ['product' => 'mild'] : [])], null);
        }
        $marks[] = $this->sent($start->addMinutes(14), MarkKind::DryStarted, ['method' => 'dryer'], null);
        foreach (array_slice(DryArea::cases(), 0, $areas) as $step => $area) {
            $marks[] = $this->sent($start->addMinutes(14 + 4 * ($step + 1)), MarkKind::Dried, ['area' => $area->value], null);
        }
        $this->send($visit, $marks, $by, $start->addMinutes(14 + 4 * $areas));
    }

    private function finish(Visit $visit, Staff $by, int $ago): void
    {
        $start = $this->ago($ago);
        $marks = [];
        foreach (Section::cases() as $step => $section) {
            $marks[] = $this->sent($start->addSeconds(4 * $step), MarkKind::SecondCombed, CombResult::payload('0') + ['fine' => 'glides'], $section->value);
        }
        foreach (['nails', 'pads', 'gear_back_on'] as $step => $item) {
            $marks[] = $this->sent($start->addMinutes(4 + $step), MarkKind::FinishTicked, ['item' => $item], null);
        }
        $marks[] = $this->sent($start->addMinutes(8), MarkKind::AftercareChosen, ['items' => []], null);
        $marks[] = $this->sent($start->addMinutes(9), MarkKind::SignedOff, [], null);
        $this->send($visit, $marks, $by, $start->addMinutes(9));
    }

    /** Earlier today, however early it is. */
    private function ago(int $minutes): CarbonImmutable
    {
        return $this->now->subMinutes($minutes)->max($this->now->setTimezone(config('salon.timezone'))->startOfDay()->addMinutes(200 - $minutes)->utc())->min($this->now);
    }

    /** @param array<string, mixed> $answers */
    private function arrive(Dog $dog, Staff $by, CarbonImmutable $at, array $answers, ?int $promisedAfter = null): Visit
    {
        CarbonImmutable::setTestNow($at);
        $promised = $promisedAfter === null ? null : $at->addMinutes($promisedAfter)->ceilMinutes(15);
        $visit = $this->desk->open($this->ids->next($at), $this->ids->next($at), $dog->refresh(), $by, $at, $this->device, $promised, null);
        $this->mark($visit, $by, $at->addMinute(), MarkKind::ArrivalAnswered, ['weightKg' => $dog->weight_kg, ...$answers]);

        return $visit;
    }

    /** @param array<string, string> $results */
    private function inspect(Visit $visit, Staff $by, CarbonImmutable $start, array $results, int $sections): void
    {
        $marks = [];
        foreach (array_slice(RouteSchool::FeetUp->route(), 0, $sections) as $step => $section) {
            $at = $start->addSeconds(7 * $step);
            $marks[] = $this->sent($at, MarkKind::CombChecked, CombResult::payload($results[$section->value] ?? '0'), $section->value);
        }
        $this->send($visit, $marks, $by, $start->addSeconds(7 * $sections));
    }

    /** The groomer settles on the balanced plan; where nothing fits, on the one with the least pulling. */
    private function decide(Visit $visit, Staff $by, CarbonImmutable $at): void
    {
        $open = OpenVisit::load($visit);
        $solver = new FrontierSolver($open->report, new Wishes);
        $plan = $solver->feasible()->balanced() ?? $solver->shortfall()->clipDown;
        $this->mark($visit, $by, $at, MarkKind::PlanChosen, ['aim' => 'balanced', 'choices' => $plan->choices->codes()]);
    }

    private function showAndAgree(Visit $visit, Staff $by, CarbonImmutable $at, string $client): void
    {
        $shown = $this->sent($at, MarkKind::PlanShown, ['choices' => OpenVisit::load($visit)->totals->choices->codes()], null);
        $answer = $this->sent($at->addMinute(), MarkKind::AnswerGiven, ['planId' => $shown->id, 'answer' => 'yes', 'via' => 'here', 'who' => $client], null);
        $this->send($visit, [$shown, $answer], $by, $at->addMinute());
    }

    /** A drawn photo of a section, matted as much as its grade says. */
    private function photo(Visit $visit, Staff $by, CarbonImmutable $at, ?string $section, int $grade, ?string $findingId = null): void
    {
        CarbonImmutable::setTestNow($at);
        $file = (string) tempnam(sys_get_temp_dir(), 'demo-photo');
        file_put_contents($file, DemoPhoto::draw($this->random, $visit->dog->coat, $grade));
        $kept = $this->photos->prepare($file);
        unlink($file);
        $payload = array_filter(['moment' => 'before', 'findingId' => $findingId, 'widthPx' => $kept->widthPx, 'heightPx' => $kept->heightPx]);
        $answer = $this->desk->recordPhoto($visit, $this->sent($at, MarkKind::PhotoTaken, $payload, $section), $kept, $by);
        if (! $answer->wasTaken()) {
            throw new \LogicException('A demo photo was refused: '.json_encode($answer->toArray()));
        }
    }

    /** @param array<string, mixed> $payload */
    private function mark(Visit $visit, Staff $by, CarbonImmutable $at, MarkKind $kind, array $payload, ?string $section = null): string
    {
        $mark = $this->sent($at, $kind, $payload, $section);
        $this->send($visit, [$mark], $by, $at);

        return $mark->id;
    }

    /** @param array<string, mixed> $payload */
    private function sent(CarbonImmutable $at, MarkKind $kind, array $payload, ?string $section): SentMark
    {
        return new SentMark($this->ids->next($at), $kind, $section, $at, $this->device, $payload);
    }

    /** @param list<SentMark> $marks */
    private function send(Visit $visit, array $marks, Staff $by, CarbonImmutable $receivedAt): void
    {
        CarbonImmutable::setTestNow($receivedAt);
        $refused = array_filter($this->desk->record($visit, $marks, $by), fn(MarkAnswer $answer): bool => $answer->outcome !== 'taken');
        if ($refused !== []) {
            throw new \LogicException('A demo mark was refused: '.json_encode(array_map(fn(MarkAnswer $answer): array => $answer->toArray(), $refused)));
        }
    }

    /**
     * An earlier day of the same dog: about half of the places were a grade better then.
     *
     * @param array<string, string> $results
     *
     * @return array<string, string>
     */
    private function milder(array $results): array
    {
        $easier = ['5' => '4/0.4/3.5', '4' => '2/0.2', '3' => '2/0.1', '2' => '1', '1' => '0', '0' => '0'];
        foreach (Section::cases() as $section) {
            if (isset($results[$section->value]) && $this->random->getInt(0, 1) === 1) {
                $results[$section->value] = $easier[$results[$section->value][0]];
            }
        }

        return $results;
    }
}
