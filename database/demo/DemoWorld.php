<?php

declare(strict_types=1);

namespace Database\Demo;

use App\Models\Client;
use App\Models\Dog;
use App\Models\HouseRulesVersion;
use App\Models\Staff;
use App\Salon\HouseBook;
use App\Schedule\AppointmentBook;
use App\Schedule\AppointmentDesk;
use App\Schedule\DayPlanner;
use App\Visits\OpenVisit;
use App\Visits\PhotoStore;
use App\Visits\VisitDesk;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Coat\RouteSchool;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Dog\HomeBrushing;
use HoundCheck\Core\Marks\MarkKind;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Fills an empty database with the demo salon: the same for the same moment, dates relative to it. */
final class DemoWorld
{
    private const SEED = 20260;

    private const DOGS_AHEAD = 40;

    private readonly Randomizer $random;

    private readonly DemoIds $ids;

    private readonly string $device;

    private readonly DemoHand $hand;

    /** @var array<string, Staff> */
    private array $staff = [];

    /** @var array<string, Dog> */
    private array $dogs = [];

    /** @var list<Dog> */
    private array $kennel = [];

    public function __construct(
        VisitDesk $desk,
        PhotoStore $photos,
        private readonly HouseBook $house,
        private readonly AppointmentDesk $appointments,
        private readonly AppointmentBook $book,
        private readonly DayPlanner $planner,
        private readonly CarbonImmutable $now,
    ) {
        $this->random = new Randomizer(new Mt19937(self::SEED));
        $this->ids = new DemoIds($this->random);
        $this->device = $this->ids->next($now);
        $this->hand = new DemoHand($desk, $photos, $this->random, $this->ids, $this->device, $now);
    }

    /** @param string|null $truthFile two years of visits before today as well, and where to write what they were made from */
    public function fill(?string $truthFile = null): void
    {
        HouseRulesVersion::current()->update(['created_at' => $this->now->subYears(2)]);
        $this->makeStaff();
        $this->makeDogs();
        if ($truthFile !== null) {
            $this->makeHistory($truthFile);
        }
        $this->makeEarlierVisits();
        $this->makeToday();
        CarbonImmutable::setTestNow();
        $this->makeDaysAhead();
    }

    private function makeHistory(string $truthFile): void
    {
        $dice = new Dice($this->random);
        $history = new DemoHistory($dice, $this->ids, $this->staff, $this->device, $this->now);
        foreach (array_diff_key($this->dogs, ['Fen' => true]) as $name => $dog) {
            $home = HomeBrushing::from(DemoDogs::arrivals()[$name]['homeBrushing'] ?? 'weekly');
            $history->addDog($dog, $home, $this->now->subDays(120));
        }
        foreach ((new DemoKennel($this->random))->dogs() as $name => $facts) {
            $history->addDog($this->kennel[] = $this->makeDog($name, $facts), $facts['home'], $this->now->subDays($dice->between(16, 50)));
        }
        $history->finish($truthFile);
    }

    /** Dogs that are not here today: of the kennel, and the two that never come today. */
    private function makeDaysAhead(): void
    {
        if ($this->kennel === []) {
            $own = new Randomizer(new Mt19937(self::SEED));
            foreach (array_slice(iterator_to_array((new DemoKennel($own))->dogs()), 0, self::DOGS_AHEAD) as $name => $facts) {
                $this->kennel[] = $this->makeDog($name, $facts);
            }
        }
        $known = array_map(fn(string $name): Dog => $this->dogs[$name], ['Bosun', 'Halla', 'Isolde', 'Quill', 'Bertram']);
        $dogs = [...$known, ...array_slice($this->kennel, 0, self::DOGS_AHEAD)];
        (new DemoBookings($this->appointments, $this->book, $this->planner, $this->ids, $this->staff, $this->device, $this->now))
            ->fill($this->dogs['Pumice'], $dogs);
    }

    private function makeStaff(): void
    {
        foreach (DemoDogs::staff() as $name => $facts) {
            $this->staff[$name] = Staff::query()->create([
                'id' => $this->ids->next($this->now),
                'name' => $name,
                ...$facts,
                'active' => true,
            ]);
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
            // A double coat grows back to its own length only, and only its card knows that.
            'natural_mm' => $facts['coat'] === 'double' ? $facts['coatMm'] : null,
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
                $start = $this->now->setTimezone(config('salon.timezone'))->subDays(47 * $back + $this->random->getInt(-5, 5))->setTime(
                    9 + $this->random->getInt(0, 5),
                    5 * $this->random->getInt(0, 11),
                )->utc();
                $this->finishedVisit($name, $dog, $start, $this->milder(DemoDogs::combResults()[$name]), $name === 'Dulse' && $back === 1);
            }
        }
    }

    /** @param array<string, string> $results */
    private function finishedVisit(string $name, Dog $dog, CarbonImmutable $start, array $results, bool $withFinding): void
    {
        $groomer = $this->staff[$this->random->getInt(0, 1) === 0 ? 'Imke' : 'Rosalind'];
        $visit = $this->hand->arrive(
            $dog,
            $groomer,
            $start,
            [...(DemoDogs::arrivals()[$name] ?? ['homeBrushing' => 'top_only']), 'consent' => 'any', 'gearOff' => true],
        );
        $this->hand->inspect($visit, $groomer, $start->addMinutes(6), $results, 30);
        if ($withFinding) {
            $finding = $this->hand->mark(
                $visit,
                $groomer,
                $start->addMinutes(9),
                MarkKind::FindingNoted,
                ['kind' => 'growth', 'note' => 'Pea-sized, moves under the skin. Client knows, vet has seen it.', 'sizeMm' => 6],
                'shoulder_r',
            );
            $this->hand->photo($visit, $groomer, $start->addMinutes(10), 'shoulder_r', 1, $finding);
            $this->hand->photo($visit, $groomer, $start->addMinutes(11), 'hindleg_l', 2);
        }
        $this->hand->decide($visit, $groomer, $start->addMinutes(14));
        $this->hand->showAndAgree($visit, $groomer, $start->addMinutes(17), $dog->client->name);
        $combed = $this->hand->brushOut($visit, $groomer, $start->addMinutes(20), 30, 1.1);
        $this->hand->bathAndDry($visit, $groomer, $combed->addMinutes(2), 6);
        $this->hand->finish($visit, $groomer, $combed->addMinutes(60));
        $this->hand->mark($visit, $groomer, $combed->addMinutes(90), MarkKind::HandedOver, []);
    }

    private function makeToday(): void
    {
        $imke = $this->staff['Imke'];
        $rosalind = $this->staff['Rosalind'];
        $teo = $this->staff['Teo'];
        $results = DemoDogs::combResults();

        $tolly = $this->hand->arrive($this->dogs['Tolly'], $rosalind, $this->ago(190), DemoDogs::arrivals()['Tolly'], promisedAfter: 195);
        $this->hand->inspect($tolly, $rosalind, $this->ago(184), $results['Tolly'], 30);
        $this->hand->decide($tolly, $rosalind, $this->ago(178));
        $this->hand->showAndAgree($tolly, $rosalind, $this->ago(176), 'Edda Brandt');
        $this->hand->brushOut($tolly, $rosalind, $this->ago(160), 30, 1.1);
        $this->hand->bathAndDry($tolly, $rosalind, $this->ago(112), 6);
        $this->hand->finish($tolly, $rosalind, $this->ago(66));

        $oriel = $this->hand->arrive($this->dogs['Oriel'], $imke, $this->ago(118), DemoDogs::arrivals()['Oriel'], promisedAfter: 268);
        $this->hand->inspect($oriel, $imke, $this->ago(110), $results['Oriel'], 30);
        $this->hand->mark(
            $oriel,
            $imke,
            $this->ago(104),
            MarkKind::FindingNoted,
            ['kind' => 'redness', 'note' => 'Left hip, where she lies.', 'sizeMm' => 20],
            'breeches_l',
        );
        $this->hand->decide($oriel, $imke, $this->ago(101));
        $this->hand->showAndAgree($oriel, $imke, $this->ago(98), 'Philippa Sandlake');

        $combed = $this->hand->brushOut($oriel, $imke, $this->ago(26), 14, 1.4);
        $this->hand->mark($oriel, $imke, $this->ago(1)->max($combed), MarkKind::SectionTaken, [], RouteSchool::FeetUp->route()[14]->value);

        $marlow = $this->hand->arrive(
            $this->dogs['Marlow'],
            $rosalind,
            $this->ago(140),
            DemoDogs::arrivals()['Marlow'],
            promisedAfter: 270,
        );
        $this->hand->inspect($marlow, $rosalind, $this->ago(134), $results['Marlow'], 30);
        $this->hand->decide($marlow, $rosalind, $this->ago(129));
        $this->hand->showAndAgree($marlow, $rosalind, $this->ago(126), 'Gwendolin Ferrar');
        $this->hand->brushOut($marlow, $rosalind, $this->ago(120), 30, 1.2);
        $this->hand->bathAndDry($marlow, $rosalind, $this->ago(30), 3);

        $rook = $this->hand->arrive($this->dogs['Rook'], $rosalind, $this->ago(74), DemoDogs::arrivals()['Rook'], promisedAfter: 374);
        $this->hand->inspect($rook, $rosalind, $this->ago(66), $results['Rook'], 30);
        $this->hand->mark(
            $rook,
            $rosalind,
            $this->ago(58),
            MarkKind::FindingNoted,
            ['kind' => 'odour', 'note' => 'Both ears smell. Said to Mr Pereira: ask the vet.'],
            'ear_l',
        );
        $this->hand->decide($rook, $rosalind, $this->ago(55));
        $this->hand->mark(
            $rook,
            $rosalind,
            $this->ago(52),
            MarkKind::PlanShown,
            ['choices' => OpenVisit::load($rook)->totals->choices->codes()],
        );

        $moss = $this->hand->arrive($this->dogs['Moss'], $imke, $this->ago(55), DemoDogs::arrivals()['Moss'], promisedAfter: 650);
        $this->hand->inspect($moss, $teo, $this->ago(47), $results['Moss'], 30);

        $this->lightCheckFirst($imke);

        $dulse = $this->hand->arrive($this->dogs['Dulse'], $imke, $this->ago(31), DemoDogs::arrivals()['Dulse'], promisedAfter: 540);
        $this->hand->inspect($dulse, $imke, $this->ago(9), $results['Dulse'], 17);
        $this->hand->mark(
            $dulse,
            $imke,
            $this->ago(8),
            MarkKind::GradeJudged,
            ['grade' => 3, 'instead' => 2, 'reason' => 'It felts again as soon as I open it.'],
            'hindleg_r',
        );
        $this->hand->photo($dulse, $imke, $this->ago(7), 'hindleg_l', 3);

        $this->hand->arrive($this->dogs['Fen'], $teo, $this->ago(22), DemoDogs::arrivals()['Fen'], promisedAfter: 600);
    }

    /** The house tried the other order, and put the old one back. */
    private function lightCheckFirst(Staff $owner): void
    {
        CarbonImmutable::setTestNow($this->ago(46));
        $before = HouseRulesVersion::current();
        $tried = $this->house->change($before->version, ['schools.order' => 'light_check_first'], 'Trying the other order on clean dogs', $owner);
        CarbonImmutable::setTestNow($this->ago(36));
        $this->house->putBack($tried->version, $before, null, $owner);
    }

    /** Earlier today, however early it is: a day that began less than 200 minutes ago is pressed into what there is of it. */
    private function ago(int $minutes): CarbonImmutable
    {
        $sinceMidnight = $this->now->setTimezone(config('salon.timezone'))->startOfDay()->diffInSeconds($this->now);

        return $this->now->subSeconds((int) (60 * $minutes * min(1.0, $sinceMidnight / (60 * 200))));
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
        $easier = ['packed' => '1', '5' => '4/0.4/3.5', '4' => '2/0.2', '3' => '2/0.1', '2' => '1', '1' => '0', '0' => '0'];
        foreach (Section::cases() as $section) {
            if (isset($results[$section->value]) && $this->random->getInt(0, 1) === 1) {
                $results[$section->value] = $easier[explode('/', $results[$section->value])[0]];
            }
        }

        return $results;
    }
}
