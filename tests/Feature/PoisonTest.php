<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Dog;
use App\Models\StoredMark;
use App\Models\Visit;
use App\Words\Words;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Marks\Role;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use Tests\TestCase;

/** What is no entry is refused in plain words; what was stored all the same, whenever, breaks nothing. */
final class PoisonTest extends TestCase
{
    private Visit $visit;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
        $this->visit = $this->arrive();
    }

    public function test_a_body_that_is_no_json_changes_nothing(): void
    {
        $dog = $this->visit->dog_id;
        $before = Dog::query()->findOrFail($dog)->mind;

        $this->call(
            'PATCH',
            "/api/dogs/{$dog}",
            server: ['CONTENT_TYPE' => 'application/x-www-form-urlencoded', 'HTTP_ACCEPT' => 'application/json'],
            content: 'mind=%FF',
        )->assertStatus(415);
        $this->call(
            'PATCH',
            "/api/dogs/{$dog}",
            server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
            content: "{\"mind\":\"\xFF\"}",
        )->assertStatus(400);
        $this->call(
            'PATCH',
            "/api/dogs/{$dog}",
            server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
            content: '"mind"',
        )->assertStatus(400);
        $this->getJson("/api/dogs?search=\xFF")->assertStatus(400);

        self::assertSame($before, Dog::query()->findOrFail($dog)->mind);
    }

    // PostgreSQL takes none.
    #[Group('sqlite')]
    public function test_a_stored_byte_that_is_no_text_breaks_no_list_and_no_visit(): void
    {
        app('db')
            ->table('dogs')
            ->where('id', $this->visit->dog_id)
            ->update(['mind' => "Bites \xFF", 'name' => "Du\xFFlse", 'version' => 7]);

        foreach ([
            '/api/day',
            '/api/dogs',
            "/api/dogs/{$this->visit->dog_id}",
            "/api/visits/{$this->visit->id}",
            "/api/visits/{$this->visit->id}/record",
        ] as $address) {
            $this->getJson($address)->assertOk();
        }
    }

    public function test_a_body_larger_than_a_days_work_is_refused_before_it_is_read(): void
    {
        $this->postJson(
            "/api/visits/{$this->visit->id}/marks",
            ['marks' => [$this->mark('note_written', ['text' => str_repeat('x', 1024 * 1024)])]],
        )->assertStatus(413);
    }

    /** @param array<string, mixed> $payload */
    #[DataProvider('lists')]
    public function test_a_list_is_a_list_of_what_there_is(string $kind, array $payload, string $message): void
    {
        $this->send($this->visit, [$this->mark($kind, $payload)])->assertOk()->assertJsonPath('marks.0.message', $message);
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> */
    public static function lists(): iterable
    {
        yield 'no groups' => ['even_wanted', [], 'This entry cannot be used: groups is needed.'];
        yield 'groups under names' => ['even_wanted', ['groups' => ['a' => 'ears']], 'This entry cannot be used: groups must be a list.'];
        yield 'aftercare under names' => ['aftercare_chosen', ['items' => ['a' => 'redness']], 'This entry cannot be used: items must be a list.'];
        yield 'health without end' => ['arrival_answered', ['health' => array_fill(0, 61, 'joint_pain')], 'This entry cannot be used: health must be a list of at most 60.'];
        yield 'an unknown place in a plan' => ['plan_shown', ['choices' => ['wing' => 'brush']], 'This entry cannot be used: choices names “wing”, which is not one of the 30 sections.'];
    }

    public function test_what_was_read_is_what_is_stored(): void
    {
        $this->record($this->visit, 'arrival_answered', ['health' => ['joint_pain', 'joint_pain'], 'wishes' => '  short ears  ']);
        $this->inspect($this->visit);
        $this->record($this->visit, 'feet_planned', ['way' => 'dryer_lying', 'reason' => '  Joints ']);
        $this->record($this->visit, 'run_started');

        $stored = fn(string $kind): array => StoredMark::query()->where('kind', $kind)->sole()->payload;
        self::assertSame(['health' => ['joint_pain'], 'wishes' => 'short ears'], $stored('arrival_answered'));
        self::assertSame(['way' => 'dryer_lying', 'reason' => 'Joints'], $stored('feet_planned'));
        self::assertSame(['scope' => 'whole_coat'], $stored('run_started'));
    }

    public function test_marks_that_an_earlier_version_let_in_leave_the_record_readable(): void
    {
        $this->inspect($this->visit);
        foreach ([
            ['even_wanted', '{}'],
            ['even_wanted', '{"groups":{"a":"ears"}}'],
            ['run_started', '{}'],
            ['aftercare_chosen', '{"items":{"a":"redness"}}'],
            ['plan_chosen', '{"aim":"between","choices":{"wing":"brush"}}'],
        ] as [$kind, $payload]) {
            app('db')
                ->table('marks')
                ->insert([
                    'id' => (string) Str::ulid(),
                    'visit_id' => $this->visit->id,
                    'kind' => $kind,
                    'at' => '2026-06-09 10:00:00.000',
                    'received_at' => '2026-06-09 10:00:00.000',
                    'staff_id' => $this->visit->refresh()->groomer_id,
                    'device' => self::DEVICE,
                    'payload' => $payload,
                ]);
        }

        foreach (['', '/plan', '/record'] as $page) {
            $this->getJson("/api/visits/{$this->visit->id}{$page}")->assertOk();
        }
    }

    /** @param array<string, mixed> $wrong */
    #[DataProvider('nonsense')]
    public function test_nonsense_gets_a_clear_answer_and_never_a_500(array $wrong, string $field): void
    {
        $sent = [...$this->mark('note_written', ['text' => 'x']), ...$wrong];

        $this->send($this->visit, [$sent])
            ->assertOk()
            ->assertJsonPath('marks.0.reason', 'unreadable')
            ->assertJson(fn($json) => $json->where('marks.0.message', fn(string $said): bool => str_contains($said, ": {$field} "))->etc());
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function nonsense(): iterable
    {
        yield 'a time that is a list' => [['at' => ['2026']], 'at'];
        yield 'a time that is a number' => [['at' => 99999999999999], 'at'];
        yield 'the year 10000' => [['at' => '10000-01-01T00:00:00Z'], 'at'];
        yield 'the year 1' => [['at' => '0001-01-01T00:00:00Z'], 'at'];
        yield 'a day that is none' => [['at' => '2026-13-45T00:00:00Z'], 'at'];
        yield 'no time' => [['at' => null], 'at'];
        yield 'an unknown kind' => [['kind' => 'sneezed'], 'kind'];
        yield 'a kind that is a list' => [['kind' => ['note_written']], 'kind'];
        yield 'a section that is a number' => [['section' => 7], 'section'];
        yield 'a payload that is text' => [['payload' => 'x'], 'payload'];
        yield 'a field that marks do not have' => [['wings' => 2], 'wings'];
        yield 'no device' => [['device' => null], 'device'];
    }

    public function test_an_arrival_of_nonsense_is_named_by_its_fields(): void
    {
        $dog = Dog::factory()->create();
        $sent = fn(array $wrong): array => [
            ...[
                'id' => (string) Str::ulid(),
                'markId' => (string) Str::ulid(),
                'dogId' => $dog->id,
                'at' => self::now(),
                'device' => self::DEVICE,
            ],
            ...$wrong,
        ];

        $this->postJson('/api/visits', $sent(['at' => ['x']]))->assertStatus(422)->assertJsonStructure(['fields' => ['at']]);
        $this->postJson('/api/visits', $sent(['promisedAt' => ['x']]))
            ->assertStatus(422)
            ->assertJsonStructure(['fields' => ['promisedAt']]);
        $this->postJson('/api/visits', $sent(['promisedAt' => '2200-01-01T00:00:00Z']))->assertStatus(422);
        $this->postJson('/api/visits', $sent(['at' => CarbonImmutable::now()->subDays(31)->format('Y-m-d\TH:i:s\Z')]))
            ->assertStatus(422)
            ->assertJsonPath('fields.at.0', Words::of('problems.arrived_long_ago'));
        $this->postJson('/api/visits', $sent(['at' => '1970-01-01T00:00:00Z']))->assertStatus(422);
        $this->postJson('/api/session', ['name' => [1], 'password' => 'x'])->assertStatus(422);
        $this->getJson('/api/day?date=10000-01-01')->assertStatus(422);
        $this->postJson(
            '/api/dogs',
            [
                'id' => (string) Str::ulid(),
                'client' => ['name' => 'x'],
                'name' => 'Old',
                'breed' => 'x',
                'sex' => 'male',
                'bornOn' => '1990-05-05',
                'coat' => 'wire',
                'coatMm' => 20,
                'weightKg' => 9,
                'temperament' => 'easy',
            ],
        )
            ->assertStatus(422)
            ->assertJsonStructure(['fields' => ['bornOn']]);
    }

    public function test_an_arrival_with_a_marks_id_that_is_in_use_is_a_conflict(): void
    {
        $used = StoredMark::query()->value('id');

        $this->postJson(
            '/api/visits',
            [
                'id' => (string) Str::ulid(),
                'markId' => $used,
                'dogId' => Dog::factory()->create()->id,
                'at' => self::now(),
                'device' => self::DEVICE,
            ],
        )
            ->assertConflict()
            ->assertJsonPath('message', Words::of('problems.mark_id_taken'));
    }

    public function test_a_dog_cannot_come_in_ahead_of_time(): void
    {
        $id = (string) Str::ulid();
        $ahead = CarbonImmutable::now()->addDays(3)->format('Y-m-d\TH:i:s\Z');
        $this->postJson(
            '/api/visits',
            [
                'id' => $id,
                'markId' => (string) Str::ulid(),
                'dogId' => Dog::factory()->create()->id,
                'at' => $ahead,
                'device' => self::DEVICE,
            ],
        )->assertCreated();

        self::assertTrue(Visit::query()->findOrFail($id)->arrived_at->isSameDay(CarbonImmutable::now()));
    }

    public function test_a_time_of_the_hand_stays_within_the_visit_and_the_devices_own_is_kept_beside_it(): void
    {
        $this->travel(1)->hours();
        $ids = [];
        foreach (['2001-01-01T00:00:00.000Z', '2099-12-31T00:00:00.000Z'] as $at) {
            $mark = ['at' => $at] + $this->mark('note_written', ['text' => 'x']);
            $this->send($this->visit, [$mark])->assertJsonPath('marks.0.outcome', 'taken');
            $ids[] = $mark['id'];
        }
        $stored = array_map(fn(string $id): StoredMark => StoredMark::query()->where('id', $id)->sole(), $ids);

        self::assertTrue($stored[0]->at->equalTo($this->visit->arrived_at));
        self::assertSame(['2001', '2099'], array_map(fn(StoredMark $mark): ?string => $mark->device_at?->format('Y'), $stored));
        self::assertLessThan(1, abs($stored[1]->at->diffInMinutes(CarbonImmutable::now())));
    }

    public function test_a_device_whose_clock_is_an_hour_fast_measures_the_same_minutes(): void
    {
        $this->inspect($this->visit);
        $this->travel(5)->minutes();
        $fast = fn(int $seconds): string => CarbonImmutable::now()->addHour()->addSeconds($seconds)->format('Y-m-d\TH:i:s.v\Z');
        $marks = [
            ['at' => $fast(-60)] + $this->mark('section_taken', [], 'tail'),
            ['at' => $fast(0)] + $this->mark('line_done', ['line' => 1], 'tail'),
        ];
        $this->travel(2)->minutes();
        $this->postJson("/api/visits/{$this->visit->id}/marks", ['marks' => $marks, 'sentAt' => $fast(0)])->assertOk();

        self::assertEqualsWithDelta(60, $this->getJson("/api/visits/{$this->visit->id}")->json('table.sections.tail.seconds'), 0.01);
    }

    public function test_an_ended_visit_takes_what_comes_late_for_some_days_and_then_only_notes(): void
    {
        $late = $this->mark('comb_checked', ['comb' => 'stops', 'skinLine' => 'clear'], 'tail');
        $later = $this->mark('comb_checked', ['comb' => 'stops', 'skinLine' => 'clear'], 'back');
        $this->travel(1)->minutes();
        $end = $this->record($this->visit, 'stopped', ['reason' => 'x']);
        $this->travel(2)->days();
        $this->send($this->visit, [$late])->assertJsonPath('marks.0.outcome', 'taken');
        $this->travel(300)->days();

        $this->send($this->visit, [$later])->assertJsonPath('marks.0.reason', 'visit_closed');
        $this->send($this->visit, [$this->mark('withdrawn', ['markId' => $end])])->assertJsonPath('marks.0.reason', 'visit_closed');
        $this->record($this->visit, 'note_written', ['text' => 'A complaint came.']);
    }

    public function test_an_end_is_not_taken_back_while_the_dog_is_here_on_another_visit(): void
    {
        $end = $this->record($this->visit, 'stopped', ['reason' => 'x']);
        $this->arrive($this->visit->dog);

        $this->send($this->visit, [$this->mark('withdrawn', ['markId' => $end])])->assertJsonPath('marks.0.reason', 'dog_is_here_again');
        self::assertSame(1, Visit::query()->whereNull('closed_at')->count());
    }

    public function test_an_apprentice_lifts_no_limit_once_a_plan_was_shown_and_takes_back_only_what_is_theirs(): void
    {
        $check = $this->record($this->visit, 'comb_checked', ['comb' => 'glides', 'skinLine' => 'clear'], 'tail');
        $this->inspect($this->visit);
        $this->signIn(Role::Apprentice);
        $this->record($this->visit, 'arrival_answered', ['consent' => 'ask']);
        $own = $this->record($this->visit, 'comb_checked', ['comb' => 'catches', 'skinLine' => 'clear'], 'back');

        $this->send($this->visit, [$this->mark('withdrawn', ['markId' => $check])])->assertJsonPath('marks.0.reason', 'needs_a_groomer');
        $this->record($this->visit, 'withdrawn', ['markId' => $own]);

        $this->signIn();
        $this->showPlan($this->visit);
        $this->signIn(Role::Apprentice);
        foreach ([['consent' => 'any'], ['feeLimitCents' => 100], ['health' => []]] as $limit) {
            $this->send($this->visit, [$this->mark('arrival_answered', $limit)])->assertJsonPath('marks.0.reason', 'needs_a_groomer');
        }
        $this->record($this->visit, 'arrival_answered', ['wishes' => 'A bow.']);
    }

    public function test_a_visit_has_room_for_a_long_day_and_not_for_a_runaway(): void
    {
        $row = (array) app('db')->table('marks')->first();
        for ($part = 0; $part < 50; $part++) {
            $rows = array_map(
                fn(): array => [
                    'id' => (string) Str::ulid(),
                    'kind' => 'note_written',
                    'payload' => '{"text":"x"}',
                ] + array_diff_key($row, ['number' => true]),
                range(1, 100),
            );
            app('db')->table('marks')->insert($rows);
        }

        $this->send($this->visit, [$this->mark('note_written', ['text' => 'x'])])->assertJsonPath('marks.0.reason', 'visit_is_full');
        $this->record($this->visit, 'finding_noted', ['kind' => 'redness'], 'tail');
        $this->signIn();
        $stopped = $this->record($this->visit, 'stopped', ['reason' => 'Too much of it']);
        $this->send($this->visit, [$this->mark('withdrawn', ['markId' => $stopped])])->assertJsonPath('marks.0.reason', 'visit_is_full');
        $this->arrive($this->visit->dog);
    }
}
