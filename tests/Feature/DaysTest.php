<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Dog;
use App\Models\Staff;
use App\Models\Visit;
use App\Schedule\Roster;
use HoundCheck\Core\Day\OnDuty;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Tests\TestCase;

final class DaysTest extends TestCase
{
    private Staff $groomer;

    protected function setUp(): void
    {
        parent::setUp();
        config(['salon.timezone' => 'Europe/Berlin']);
        // A Tuesday, 10:00 in the salon.
        $this->travelTo('2026-06-09 08:00:00');
        $this->groomer = $this->signIn();
    }

    public function test_a_day_without_dogs_is_tried_out_too_and_a_closed_one_says_why(): void
    {
        DB::table('days_off')->insert(['id' => (string) Str::ulid(), 'staff_id' => null, 'from_day' => '2026-06-11', 'until_day' => '2026-06-11', 'reason' => 'Harbour feast']);
        $days = $this->getJson('/api/days?days=6')->assertOk();
        Contract::holds('get', '/api/days', $days);

        self::assertSame(['2026-06-09', '2026-06-10', '2026-06-11', '2026-06-12', '2026-06-13', '2026-06-14'], array_column($days->json('days'), 'date'));
        self::assertSame([null, null, 'Harbour feast', null, null, null], array_column($days->json('days'), 'closed'));
        self::assertSame([1, 1, 0, 1, 1, 0], array_map(fn(array $day): int => count($day['groomers']), $days->json('days')), 'nobody works on Sunday');
        self::assertSame('2026-06-10T07:00:00.000Z', $days->json('days.1.groomers.0.from'), 'nine in the salon');
        self::assertEquals(1.0, $days->json('days.1.forecast.weakest'));
    }

    public function test_a_dog_that_is_here_is_ready_later_the_more_is_left_of_it_and_what_is_done_is_not_counted_again(): void
    {
        $visit = $this->arrive(self::dog(), ['promisedAt' => '2026-06-09T13:00:00Z']);
        $arrived = $this->ready($visit);
        Contract::holds('get', '/api/day/forecast', $this->getJson('/api/day/forecast'));
        self::assertTrue($arrived['early'] < $arrived['likely'] && $arrived['likely'] < $arrived['late']);
        self::assertCount(10, $arrived['tenths']);

        $this->inspect($visit);
        $this->travel(2)->minutes();
        $inspected = $this->ready($visit);
        self::assertLessThan($arrived['likely'], $inspected['likely'], 'a clear coat is quicker than the slot said');

        $this->travel(4)->hours();
        self::assertGreaterThan($inspected['likely'], $this->ready($visit)['likely'], 'nobody has done anything since');
        self::assertLessThan($inspected['chance'], $this->ready($visit)['chance']);
    }

    public function test_a_dog_nobody_can_finish_before_the_groomer_goes_is_told_as_such(): void
    {
        DB::table('working_hours')->insert(['staff_id' => $this->groomer->id, 'weekday' => 2, 'from_minute' => 540, 'until_minute' => 610]);
        $visit = $this->arrive(self::dog(), ['promisedAt' => '2026-06-09T15:30:00Z']);

        self::assertEquals([null, null, 0.0, 1.0], array_values(array_intersect_key($this->ready($visit), ['likely' => 1, 'late' => 1, 'chance' => 1, 'notToday' => 1])));
    }

    public function test_a_dog_does_not_wait_for_a_groomer_who_is_away_today(): void
    {
        $visit = $this->arrive(self::dog(), ['promisedAt' => '2026-06-09T15:30:00Z']);
        $this->inspect($visit);
        $this->travel(10)->minutes();
        self::assertNotNull($this->ready($visit)['likely']);
        // The one who inspected it goes home ill; somebody else is there.
        DB::table('days_off')->insert(['id' => (string) Str::ulid(), 'staff_id' => $this->groomer->id, 'from_day' => '2026-06-09', 'until_day' => '2026-06-09', 'reason' => 'ill']);
        self::assertNull($this->ready($visit)['likely'], 'nobody is there');
        Staff::factory()->create();

        self::assertNotNull($this->ready($visit)['likely']);
    }

    public function test_a_finished_dog_is_in_nobodys_way(): void
    {
        $visit = $this->arrive(self::dog());
        $this->record($visit, 'stopped', ['reason' => 'signals']);

        self::assertSame([], $this->getJson('/api/day/forecast')->json('ready'));
    }

    public function test_dogs_that_are_booked_count_with_those_that_are_here_and_cancelled_ones_do_not(): void
    {
        $visit = $this->arrive(self::dog(), ['promisedAt' => '2026-06-09T15:30:00Z']);
        $alone = $this->ready($visit);
        $booked = $this->book(self::dog(), '2026-06-09T08:30:00Z', '2026-06-09T11:00:00Z');
        $both = $this->getJson('/api/day/forecast')->json('ready');

        self::assertSame([$visit->id, $booked], array_column($both, 'dog'));
        self::assertGreaterThan($alone['late'], $both[0]['late']);
        $this->postJson("/api/appointments/{$booked}/acts", [
            'id' => (string) Str::ulid(), 'kind' => 'cancelled', 'fields' => ['by' => 'client', 'reason' => 'ill'], 'after' => 1, 'at' => self::now(), 'device' => self::DEVICE,
        ])->assertOk();
        self::assertEquals($alone, $this->ready($visit));
    }

    public function test_a_day_has_room_for_a_usual_dog_and_less_where_one_is_booked(): void
    {
        $free = $this->getJson('/api/days/2026-06-10/rooms')->assertOk();
        Contract::holds('get', '/api/days/{date}/rooms', $free);
        self::assertCount(1, $free->json('rooms'));
        self::assertSame([$this->groomer->id, '2026-06-10T07:00:00.000Z'], [$free->json('rooms.0.groomer'), $free->json('rooms.0.from')]);

        $this->book(self::dog(), '2026-06-10T07:00:00Z', '2026-06-10T11:30:00Z');
        $left = $this->getJson('/api/days/2026-06-10/rooms?dogId='.self::dog()->id.'&service=full_groom')->assertOk()->json('rooms');
        self::assertNotSame($free->json('rooms'), $left);
        self::assertGreaterThan('2026-06-10T08:00:00.000Z', $left[0]['from'] ?? 'none', 'while she has the other dog there is none');
        $this->getJson('/api/days/2026-06-10/rooms?dogId=x')->assertUnprocessable();
        $this->getJson('/api/days/2026-06-99/rooms')->assertNotFound();
        self::assertSame([], $this->getJson('/api/days/2026-06-14/rooms')->json('rooms'), 'nobody works on Sunday');
    }

    public function test_a_promise_in_danger_comes_with_what_would_save_it_and_a_safe_day_with_none(): void
    {
        $visit = $this->arrive(self::dog(), ['promisedAt' => '2026-06-09T16:30:00Z']);
        $safe = $this->getJson('/api/day/advice')->assertOk();
        Contract::holds('get', '/api/day/advice', $safe);
        self::assertNull($safe->json('advice'));
        self::assertSame([[$this->groomer->id, $visit->id, 'inspect', 'least_slack']], array_map(
            fn(array $next): array => [$next['groomer'], $next['dog'], $next['step'], $next['reason']],
            $safe->json('next'),
        ));

        $tight = $this->arrive(self::dog(), ['promisedAt' => '2026-06-09T09:15:00Z']);
        $advice = $this->getJson('/api/day/advice')->assertOk();
        Contract::holds('get', '/api/day/advice', $advice);
        self::assertSame($tight->id, $advice->json('advice.dog'));
        $new = collect($advice->json('advice.alternatives'))->firstWhere('act', 'new_time');
        self::assertGreaterThan('2026-06-09T09:15', $new['promise']);
        self::assertSame('2026-06-09T09:15', substr((string) Visit::query()->findOrFail($tight->id)->promised_at?->toIso8601ZuluString(), 0, 16), 'nothing is done by itself');
    }

    public function test_times_are_offered_where_all_promises_hold_and_a_dog_that_moves_leaves_its_own_place(): void
    {
        DB::table('working_hours')->insert(['staff_id' => $this->groomer->id, 'weekday' => 3, 'from_minute' => 540, 'until_minute' => 1320]);
        $dog = self::dog();
        $ask = fn(string $more = ''): array => $this->getJson("/api/days/2026-06-10/times?dogId={$dog->id}&service=full_groom{$more}")->assertOk()->json('times');
        Contract::holds('get', '/api/days/{date}/times', $this->getJson("/api/days/2026-06-10/times?dogId={$dog->id}&service=full_groom"));
        $free = $ask()[0];
        self::assertSame(['2026-06-10T07:00:00.000Z', $this->groomer->id], [$free['startsAt'], $free['groomer']]);

        $booked = $this->book($dog, $free['startsAt'], $free['promisedAt'], $this->groomer->id);
        $next = $ask();
        self::assertGreaterThan($free['startsAt'], $next[0]['startsAt']);
        self::assertEquals($free, $ask("&moving={$booked}")[0]);

        $try = $this->getJson("/api/days/2026-06-10/try?dogId={$dog->id}&service=full_groom&groomer={$this->groomer->id}&startsAt={$free['startsAt']}")->assertOk();
        Contract::holds('get', '/api/days/{date}/try', $try);
        self::assertSame([$booked], array_column($try->json('others'), 'dog'));
        self::assertLessThan($try->json('holdWithout'), $try->json('holdWith'), 'two dogs at once with one groomer');
        $chances = array_column($try->json('chanceBy'), 'chance');
        $sorted = $chances;
        sort($sorted);
        self::assertSame($sorted, $chances, 'a later promise never holds less often');
    }

    public function test_a_day_that_is_none_and_a_dog_that_is_none_are_answered_plainly(): void
    {
        $dog = self::dog();
        $this->getJson("/api/days/2026-02-30/times?dogId={$dog->id}&service=full_groom")->assertNotFound();
        $this->getJson("/api/days/tomorrow/times?dogId={$dog->id}&service=full_groom")->assertNotFound();
        $this->getJson('/api/days/2026-06-10/times?dogId=01J00000000000000000000000&service=full_groom')->assertStatus(422);
        $this->getJson("/api/days/2026-06-10/try?dogId={$dog->id}&service=full_groom")->assertStatus(422);
    }

    public function test_on_the_days_of_23_and_25_hours_the_clock_on_the_wall_is_right(): void
    {
        $minutes = fn(string $day): array => array_map(fn(OnDuty $one): array => [$one->from, $one->until], Roster::of($day, $day)->on($day));
        DB::table('working_hours')->insert(['staff_id' => $this->groomer->id, 'weekday' => 7, 'from_minute' => 540, 'until_minute' => 1080]);

        self::assertSame([[480.0, 1020.0]], $minutes('2026-03-29'), 'the hour from two to three was left out');
        self::assertSame([[600.0, 1140.0]], $minutes('2026-10-25'), 'the hour from two to three came twice');
        $day = $this->getJson('/api/days?date=2026-10-25&days=1')->json('days.0');
        self::assertSame(['2026-10-25T08:00:00.000Z', '2026-10-25T17:00:00.000Z'], [$day['groomers'][0]['from'], $day['groomers'][0]['until']]);
    }

    public function test_a_week_of_appointments_asks_the_database_no_more_the_more_there_are(): void
    {
        $queries = function (): int {
            $this->getJson('/api/days?days=7')->assertOk();
            DB::enableQueryLog();
            $this->getJson('/api/days?days=7')->assertOk();
            $count = count(DB::getQueryLog());
            DB::disableQueryLog();
            DB::flushQueryLog();

            return $count;
        };
        $this->book(self::dog(), '2026-06-10T08:00:00Z', null);
        $one = $queries();
        foreach (range(9, 14) as $hour) {
            $this->book(self::dog(), sprintf('2026-06-11T%02d:00:00Z', $hour), null);
        }

        self::assertSame($one, $queries());
    }

    private static function dog(): Dog
    {
        return Dog::factory()->create(['coat' => 'curly', 'coat_mm' => 40, 'section_mm' => [], 'weight_kg' => 9, 'born_on' => '2022-01-01']);
    }

    private function book(Dog $dog, string $startsAt, ?string $promisedAt, ?string $groomer = null): string
    {
        $id = (string) Str::ulid();
        $this->postJson('/api/appointments', [
            'appointmentId' => $id, 'dogId' => $dog->id, 'id' => (string) Str::ulid(), 'kind' => 'booked', 'at' => self::now(), 'device' => self::DEVICE,
            'fields' => ['service' => 'full_groom', 'startsAt' => $startsAt, 'promisedAt' => $promisedAt, 'groomer' => $groomer],
        ])->assertCreated();

        return $id;
    }

    /** @return array<string, mixed> */
    private function ready(Visit $visit): array
    {
        return collect($this->getJson('/api/day/forecast')->assertOk()->json('ready'))->firstWhere('dog', $visit->id);
    }
}
