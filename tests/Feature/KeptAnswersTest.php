<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Appointment;
use App\Models\Dog;
use App\Models\HouseRulesVersion;
use App\Models\Staff;
use App\Models\Visit;
use App\Salon\HouseBook;
use App\Schedule\AppointmentBook;
use HoundCheck\Core\Day\Minutes;
use HoundCheck\Core\Marks\Role;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** What is kept is good as long as everything it was drawn from is as it was, and no longer. */
final class KeptAnswersTest extends TestCase
{
    private Staff $groomer;

    private Dog $dog;

    private Visit $visit;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-06-09 09:00:00');
        $this->groomer = $this->signIn(Role::Owner);
        $this->dog = Dog::factory()->create(['coat' => 'curly', 'coat_mm' => 50, 'section_mm' => [], 'weight_kg' => 14]);
        $this->visit = $this->arrive($this->dog);
        $this->record($this->visit, 'comb_checked', ['comb' => 'glides'], 'tail');
    }

    public function test_a_person_who_is_renamed_bears_the_new_name_in_visits_that_are_open(): void
    {
        $this->record($this->visit, 'note_written', ['text' => 'Sings']);
        self::assertSame($this->groomer->name, $this->drawn()->json('notes.0.by'));

        $this->patchJson("/api/staff/{$this->groomer->id}", ['name' => 'Imke Renamed'])->assertOk();

        self::assertSame('Imke Renamed', $this->drawn()->json('notes.0.by'));
    }

    public function test_a_person_who_is_renamed_bears_the_new_name_in_what_was_found_before(): void
    {
        $this->record($this->visit, 'finding_noted', ['kind' => 'scab'], 'tail');
        $this->record($this->visit, 'stopped', ['reason' => 'Ill']);
        $this->patchJson("/api/staff/{$this->groomer->id}", ['name' => 'Imke Renamed'])->assertOk();

        $this->travel(1)->hours();
        $this->visit = $this->arrive($this->dog);

        self::assertSame([true, 'Imke Renamed'], [$this->drawn()->json('findings.0.earlierVisit'), $this->drawn()->json('findings.0.by')]);
        self::assertSame('Imke Renamed', $this->getJson("/api/dogs/{$this->dog->id}/years")->json('findings.0.by'));
    }

    public function test_an_appointment_takes_as_long_as_the_groomers_clock_says_now(): void
    {
        $booked = $this->book();
        $before = $this->minutes($booked);

        $this->clock(60, 60 * log(2));

        self::assertGreaterThan(1.25 * $before, $this->minutes($booked));
        $booking = Appointment::query()->with('dog')->findOrFail($booked);
        $now = app(AppointmentBook::class)->steps(
            $booking->dog,
            $booking->starts_at,
            $booking->service,
            $booking->groomer_id,
            HouseRulesVersion::current(),
        );
        self::assertSame(Minutes::together($now)->likely, $this->minutes($booked), 'as one that is booked now');
    }

    /** @param \Closure(self): void $change of one thing that the visit is drawn from */
    #[DataProvider('changesOfAVisit')]
    public function test_a_visit_is_drawn_anew_when_something_it_was_drawn_from_has_changed(\Closure $change): void
    {
        $this->drawn();
        $etag = (string) $this->drawn()->headers->get('ETag');
        $this->drawn($etag)->assertStatus(304);
        DB::table('visit_answers')->update(['answer' => '{"kept":true}']);
        self::assertSame(['kept' => true], $this->drawn()->json());

        $change($this);

        self::assertArrayNotHasKey('kept', $this->drawn($etag)->assertOk()->json());
    }

    /** @return iterable<string, array{\Closure(self): void}> */
    public static function changesOfAVisit(): iterable
    {
        yield 'a mark' => [fn(self $here) => $here->record($here->visit, 'note_written', ['text' => 'x'])];
        yield 'the card' => [fn(self $here) => $here->patchJson("/api/dogs/{$here->dog->id}", ['mind' => 'Left ear'])->assertOk()];
        yield 'the client' => [
            fn(self $here) => $here->patchJson("/api/clients/{$here->dog->client_id}", ['phone' => '0555 0199'])->assertOk(),
        ];
        yield 'a name' => [fn(self $here) => $here->patchJson("/api/staff/{$here->groomer->id}", ['name' => 'Imke Renamed'])->assertOk()];
        yield 'the clock of whoever has the dog' => [fn(self $here) => $here->clock(60, 60 * log(2))];
        yield 'as much, done slower and then faster' => [function (self $here): void {
            $here->clock(10, 1.0);
            $here->drawn();
            $here->drawn();
            DB::table('visit_answers')->update(['answer' => '{"kept":true}']);
            $here->clock(10, 1.0, 'drying');
        }];
        yield 'the day' => [fn(self $here) => $here->travelTo('2026-06-10 09:00:00')];
        yield 'where the salon is' => [fn(self $here) => config(['salon.timezone' => 'Pacific/Auckland'])];
    }

    /** @param \Closure(self, string): void $change of one thing that the minutes follow from */
    #[DataProvider('changesOfAnAppointment')]
    public function test_minutes_are_reckoned_anew_when_something_they_follow_from_has_changed(\Closure $change): void
    {
        $booked = $this->book();
        $this->minutes($booked);
        $kept = json_encode([['brush', 999.0, 1.0]]);
        DB::table('appointments')->where('id', $booked)->update(['steps' => $kept]);
        self::assertSame(999.0, $this->minutes($booked));

        $change($this, $booked);

        self::assertLessThan(999.0, $this->minutes($booked));
    }

    /** @return iterable<string, array{\Closure(self, string): void}> */
    public static function changesOfAnAppointment(): iterable
    {
        yield 'the card' => [fn(self $here) => $here->patchJson("/api/dogs/{$here->dog->id}", ['coatMm' => 70])->assertOk()];
        yield 'a mark of its visit' => [fn(self $here) => $here->record($here->visit, 'note_written', ['text' => 'x'])];
        yield 'the rules' => [
            fn(self $here) => app(HouseBook::class)
                ->change(HouseRulesVersion::current()->version, ['plan.severalKeepMore' => 0.2], null, $here->groomer),
        ];
        yield 'the clock' => [fn(self $here) => $here->clock(60, 60 * log(2))];
        yield 'the groomer' => [function (self $here, string $booked): void {
            $here->act($booked, ['groomer' => ($here->groomer = Staff::factory()->create())->id]);
            $here->clock(60, 60 * log(2));
        }];
        yield 'the day' => [fn(self $here, string $booked) => $here->act($booked, ['startsAt' => '2026-06-18T08:00:00Z'])];
    }

    private function drawn(string $etag = ''): TestResponse
    {
        return $this->getJson("/api/visits/{$this->visit->id}", $etag === '' ? [] : ['If-None-Match' => $etag]);
    }

    private function clock(int $count, float $logSum, string $work = 'table'): void
    {
        DB::table('work_clocks')->where('work', '!=', $work)->delete();
        DB::table('work_clocks')->updateOrInsert(
            ['staff_id' => $this->groomer->id, 'coat' => 'curly', 'work' => $work],
            ['count' => $count, 'log_sum' => $logSum, 'ratios' => '[]', 'visit_ratios' => '[]'],
        );
    }

    private function book(): string
    {
        $id = (string) Str::ulid();
        $this->postJson('/api/appointments', [
            'appointmentId' => $id, 'dogId' => $this->dog->id,
            'id' => (string) Str::ulid(), 'kind' => 'booked', 'at' => self::now(), 'device' => self::DEVICE,
            'fields' => [
                'service' => 'full_groom', 'startsAt' => '2026-06-11T08:00:00Z', 'promisedAt' => null, 'groomer' => $this->groomer->id,
            ],
        ])->assertCreated();

        return $id;
    }

    /** @param array<string, mixed> $fields */
    private function act(string $booked, array $fields): void
    {
        $this->postJson("/api/appointments/{$booked}/acts", [
            'id' => (string) Str::ulid(), 'kind' => 'moved', 'at' => self::now(), 'device' => self::DEVICE, 'after' => 1,
            'fields' => ['startsAt' => '2026-06-11T08:00:00Z', 'promisedAt' => null, 'groomer' => $this->groomer->id, ...$fields],
        ])->assertOk();
    }

    private function minutes(string $booked): float
    {
        $appointment = Appointment::query()->with('dog')->findOrFail($booked);

        return Minutes::together(app(AppointmentBook::class)->stepsOf($appointment, HouseRulesVersion::current()))->likely;
    }
}
