<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Dog;
use App\Models\Staff;
use App\Models\Visit;
use App\Salon\SalonBook;
use App\Visits\OpenVisit;
use App\Visits\VisitMarks;
use Carbon\CarbonImmutable;
use Database\Demo\DemoHistory;
use Database\Demo\DemoIds;
use Database\Demo\Dice;
use HoundCheck\Core\Coat\RouteSchool;
use HoundCheck\Core\Dog\HomeBrushing;
use HoundCheck\Core\Gate\AtTheGate;
use HoundCheck\Core\Gate\Recorder;
use HoundCheck\Core\Marks\Role;
use HoundCheck\Core\Visit\Known;
use Illuminate\Support\Facades\Storage;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\TestWith;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\OneSalon;
use Tests\TestCase;

/** The demo salon is always an SQLite file. */
#[Group('sqlite')]
final class DemoWorldTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake('local');
    }

    public function test_the_demo_salon_is_filled_once_and_its_day_has_dogs_in_different_states(): void
    {
        $this->travelTo('2026-06-09 13:00:00');
        $this->artisan('demo:fill')->assertSuccessful();
        $visits = Visit::query()->count();
        $this->artisan('demo:fill')->expectsOutputToContain('kept')->assertSuccessful();

        self::assertSame([3, $visits], [Staff::query()->count(), Visit::query()->count()]);
        // It says for good that it is the demo, whatever the next process is told, and is never set up.
        config(['salon.demo' => false]);
        app(SalonBook::class)->apply();
        self::assertTrue(config('salon.demo'));
        $this->artisan('salon:open')->assertFailed();
        self::assertEqualsCanonicalizing(
            ['finished', 'brushing', 'bathed', 'planned', 'inspecting', 'inspecting', 'arrived'],
            Visit::query()->where('day', '2026-06-09')->get()->map(fn(Visit $visit): string => $visit->stage->value)->all(),
        );
        $this->theDayStandsAndNothingLiesAhead(CarbonImmutable::parse('2026-06-09 13:00:00'));
    }

    public function test_one_promise_of_the_demo_is_in_danger_one_dog_is_still_to_come_and_two_weeks_are_booked(): void
    {
        $this->travelTo('2026-06-09 11:58:00');
        $this->artisan('demo:fill')->assertSuccessful();
        // Filling has moved the clock to and fro.
        $this->travelTo('2026-06-09 11:58:00');
        $this->actingAs(Staff::query()->where('name', 'Imke')->firstOrFail());

        $ready = $this->getJson('/api/day/forecast')->assertOk()->json('ready');
        self::assertCount(1, array_filter($ready, fn(array $one): bool => $one['chance'] !== null && $one['chance'] < 0.9));
        $advice = $this->getJson('/api/day/advice')->assertOk()->json('advice');
        self::assertSame('Rook', Visit::query()->findOrFail($advice['dog'])->dog->name);
        self::assertNotEmpty($advice['alternatives']);

        $days = $this->getJson('/api/days?days=14')->assertOk()->json();
        self::assertSame(['Pumice'], array_column(array_column($days['days'][0]['appointments'], 'dog'), 'name'));
        self::assertGreaterThanOrEqual(20, count(array_merge(...array_column($days['days'], 'appointments'))));
        self::assertGreaterThanOrEqual(3, count($days['waiting']));
        foreach (array_slice($days['days'], 1) as $day) {
            self::assertGreaterThanOrEqual(0.75, $day['forecast']['weakest'], $day['date']);
        }
    }

    public function test_demo_data_is_never_mixed_with_a_salon_of_ones_own(): void
    {
        $this->artisan('demo:fill', ['--is-demo' => true])->assertSuccessful();
        Staff::factory()->create(['name' => 'Wilma']);

        $this->artisan('demo:fill', ['--is-demo' => true])->assertFailed();
        $this->artisan('demo:fill')->assertFailed();
        self::assertSame(0, Visit::query()->count());
    }

    public function test_the_demo_salon_comes_out_the_same_each_time(): void
    {
        $rows = function (): array {
            $this->travelTo('2026-06-09 13:00:00');
            array_map(
                fn(string $table) => app('db')->table($table)->truncate(),
                [
                    'name_words',
                    'visit_answers',
                    'dog_memories',
                    'combed_out',
                    'work_times',
                    'work_clocks',
                    'shown_plans',
                    'photos',
                    'grade_differences',
                    'findings',
                    'marks',
                    'appointment_acts',
                    'appointments',
                    'working_hours',
                    'visits',
                    'dogs',
                    'clients',
                    'house_rules',
                    'staff',
                ],
            );
            $this->artisan('demo:fill');

            return app('db')
                ->table('marks')
                ->orderBy('number')
                ->get(['id', 'visit_id', 'kind', 'section', 'at', 'payload'])
                ->map(fn($row): array => (array) $row)
                ->all();
        };

        self::assertSame($rows(), $rows());
    }

    public function test_two_years_of_visits_are_what_the_core_makes_of_their_marks(): void
    {
        $this->travelTo('2026-06-09 13:00:00');
        $staff = collect(['Imke', 'Rosalind', 'Teo'])
            ->mapWithKeys(fn(string $name): array => [$name => Staff::factory()->create(['name' => $name])])
            ->all();
        $dog = Dog::factory()->create();
        $random = new Randomizer(new Mt19937(7));
        $now = CarbonImmutable::now();
        $truth = (string) tempnam(sys_get_temp_dir(), 'truth');
        $history = new DemoHistory(new Dice($random), new DemoIds($random), $staff, self::DEVICE, $now);
        $history->addDog($dog, HomeBrushing::TopOnly, $now->subDays(30));
        $written = $history->finish($truth);
        $tables = fn(): array => array_map(
            self::rowsOf(...),
            ['visits', 'work_times', 'work_clocks', 'combed_out'],
        );
        $before = $tables();

        self::assertGreaterThanOrEqual(8, $written);
        self::assertSame([], array_merge(...Visit::query()->get()->map($this->refusals(...))->all()), 'nobody could have done that');
        self::assertSame(
            ['collected'],
            Visit::query()->pluck('stage')->map(fn($stage): string => $stage->value)->unique()->values()->all(),
        );
        self::assertNotSame(str_repeat('0', 30), Visit::query()->latest('arrived_at')->value('grades'), 'the coat matted in between');
        self::assertEqualsWithDelta($written * 30, count($before[1]), $written * 4);
        $this->artisan('visits:rebuild')->assertSuccessful();
        self::assertEquals($before, $tables());

        $hidden = json_decode((string) file_get_contents($truth), true)['dogs'][$dog->id];
        unlink($truth);
        self::assertCount(19, $hidden['parts']);
        self::assertSame('top_only', $hidden['home']);
        self::assertStringNotContainsString(
            (string) $hidden['slowness'],
            (string) json_encode(app('db')->table('marks')->pluck('payload')),
            'the hidden clock stays hidden',
        );
    }

    #[TestWith(['00:02'])]
    #[TestWith(['00:40'])]
    #[TestWith(['02:27'])]
    public function test_however_early_it_is_nothing_in_the_demo_salon_lies_ahead(string $time): void
    {
        $now = CarbonImmutable::parse("2026-06-09 {$time}", config('salon.timezone'))->utc();
        $this->travelTo($now);
        $this->artisan('demo:fill')->assertSuccessful();
        $this->theDayStandsAndNothingLiesAhead($now);
    }

    private function theDayStandsAndNothingLiesAhead(CarbonImmutable $now): void
    {
        $ahead = fn(string $column): int => app('db')->table('marks')->where($column, '>', $now->format('Y-m-d H:i:s.v'))->count();

        self::assertSame([0, 0], [$ahead('at'), $ahead('received_at')]);
        self::assertSame(7, Visit::query()->where('day', '2026-06-09')->count());
        $oriel = Visit::query()->whereRelation('dog', 'name', 'Oriel')->where('day', '2026-06-09')->firstOrFail();
        self::assertSame(RouteSchool::FeetUp->route()[14], OpenVisit::load($oriel)->state->run->current());
    }

    /** @return list<string> marks of a visit that would not be taken */
    private function refusals(Visit $visit): array
    {
        $open = VisitMarks::load($visit);
        $here = AtTheGate::of([], new Known($open->rules, [], new \DateTimeZone('Europe/London')));
        $refusals = [];
        foreach ($open->fold()->marks() as $mark) {
            if ($here->fold()->count() > 0) {
                $refusal = $here->refusal($mark, new Recorder($mark->by, Role::Owner, false, $mark->at, new OneSalon));
                $refusals = [...$refusals, ...($refusal === null ? [] : ["{$mark->kind} {$mark->section?->value} {$refusal->value}"])];
            }
            $here->take($mark);
        }

        return $refusals;
    }
}
