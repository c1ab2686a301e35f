<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Visit;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Marks\Role;
use HoundCheck\Core\Marks\Words\BathStep;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** What arrives late, and what says it was made earlier than it was. */
final class LateMarksTest extends TestCase
{
    private const MAT = ['comb' => 'stops', 'skinLine' => 'patchy', 'opens' => 'tool', 'mattedShare' => 0.3, 'liftMm' => 7];

    private Visit $visit;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-06-09 09:00:00');
        $this->signIn();
        $this->visit = $this->arrive();
        $this->record($this->visit, 'arrival_answered', ['consent' => 'any']);
        $this->inspect($this->visit);
    }

    public function test_what_arrives_after_the_end_is_set_apart_until_a_groomer_counts_it(): void
    {
        $this->travelTo('2026-06-09 11:00:00');
        $this->record($this->visit, 'stopped', ['reason' => 'Client came early']);
        $before = $this->told();

        $this->travelTo('2026-06-11 08:00:00');
        $this->signIn(Role::Apprentice);
        $late = [];
        foreach ([
            ['arrival_answered', ['weightKg' => 45], null], ['reacted', ['signal' => 'snaps'], null], ['clipped', ['mm' => 3.2], 'tail'],
            ['finding_noted', ['kind' => 'redness'], 'tail'], ['comb_checked', self::MAT, 'back'],
        ] as [$kind, $payload, $section]) {
            $late[$kind] = $this->sendAt('2026-06-09 10:00:00', $kind, $payload, $section)->assertJsonPath('marks.0.outcome', 'taken')->json('marks.0.id');
        }
        self::assertSame($before, $this->told(), 'price, grades, findings, signals: nothing changed');
        $this->sendAt('2026-06-09 11:30:00', 'reacted', ['signal' => 'snaps'])->assertJsonPath('marks.0.reason', 'visit_closed');
        $this->sendAt('2026-06-09 10:00:00', 'photo_deleted', ['photoId' => 'x', 'reason' => 'x'])->assertJsonPath('marks.0.reason', 'needs_an_owner');

        $record = $this->getJson("/api/visits/{$this->visit->id}/record")->assertOk();
        Contract::holds('get', '/api/visits/{visit}/record', $record);
        $apart = array_filter($record->json('timeline'), fn(array $mark): bool => $mark['setApart']);
        self::assertSame(array_keys($late), array_values(array_column($apart, 'kind')));

        $count = ['markId' => $late['finding_noted'], 'reason' => 'Teo saw it in the tub, his tablet was off'];
        $this->send($this->visit, [$this->mark('late_counted', $count)])->assertJsonPath('marks.0.reason', 'needs_a_groomer');
        $this->signIn();
        $counted = $this->record($this->visit, 'late_counted', $count);
        $this->send($this->visit, [$this->mark('late_counted', $count)])->assertJsonPath('marks.0.reason', 'not_set_apart');
        self::assertSame(['redness'], $this->told()['findings']);
        $this->record($this->visit, 'withdrawn', ['markId' => $counted]);
        self::assertSame($before, $this->told());

        $rows = DB::table('visits')->get();
        $this->artisan('visits:rebuild')->assertSuccessful();
        self::assertEquals($rows, DB::table('visits')->get());
    }

    public function test_an_undo_that_arrives_after_the_end_takes_nothing_back_until_it_is_counted(): void
    {
        $finding = $this->record($this->visit, 'finding_noted', ['kind' => 'redness'], 'tail');
        $this->travelTo('2026-06-09 11:00:00');
        $this->record($this->visit, 'stopped', ['reason' => 'Client came early']);
        $undo = $this->sendAt('2026-06-09 09:30:00', 'withdrawn', ['markId' => $finding])->assertJsonPath('marks.0.outcome', 'taken')->json('marks.0.id');
        self::assertSame(['redness'], $this->told()['findings']);

        $counted = $this->record($this->visit, 'late_counted', ['markId' => $undo, 'reason' => 'It was mud']);
        self::assertSame([], $this->told()['findings']);
        $this->record($this->visit, 'withdrawn', ['markId' => $counted]);
        self::assertSame(['redness'], $this->told()['findings']);
    }

    public function test_after_a_going_home_that_was_taken_back_the_work_goes_on(): void
    {
        $end = $this->record($this->visit, 'stopped', ['reason' => 'By mistake']);
        $this->travelTo('2026-06-09 09:10:00');
        $this->record($this->visit, 'withdrawn', ['markId' => $end]);
        $this->record($this->visit, 'finding_noted', ['kind' => 'redness'], 'tail');

        self::assertSame(['redness'], $this->told()['findings']);
    }

    public function test_a_gate_of_yesterday_opens_no_bath_of_today(): void
    {
        $this->record($this->visit, 'bath_cleared');
        $this->travelTo('2026-06-10 09:00:00');

        $this->sendAt('2026-06-09 09:30:00', 'bath_stepped', ['step' => 'rinsed_first'])->assertJsonPath('marks.0.reason', 'gate_shut');
        $this->sendAt('2026-06-09 09:30:00', 'bath_cleared', [])->assertJsonPath('marks.0.reason', 'gate_shut');
    }

    public function test_a_whole_visit_that_was_recorded_without_a_network_arrives_days_later(): void
    {
        $this->travelTo('2026-06-12 08:00:00');
        $id = (string) Str::ulid();
        $dog = $this->arrive()->dog;
        $this->record($this->visit, 'stopped', ['reason' => 'x']);
        $arrival = ['id' => $id, 'markId' => (string) Str::ulid(), 'dogId' => $this->visit->dog_id, 'at' => '2026-06-10T09:00:00.000Z', 'device' => self::DEVICE];
        $this->postJson('/api/visits', $arrival)->assertCreated();
        $visit = Visit::query()->findOrFail($id);
        $this->send($visit, array_map(
            fn(string $section): array => ['at' => '2026-06-10T09:10:00.000Z'] + $this->mark('comb_checked', ['comb' => 'glides', 'skinLine' => 'clear'], $section),
            array_column(\HoundCheck\Core\Coat\Section::cases(), 'value'),
        ))->assertOk();
        foreach (['bath_cleared' => [], ...array_fill_keys(array_column(BathStep::cases(), 'value'), 'bath_stepped')] as $step => $kind) {
            [$what, $payload] = $kind === [] ? [$step, []] : [$kind, ['step' => $step]];
            if (! in_array($step, ['bath_cleared', 'rinsed_first', 'lathered', 'rinsed_out'], true)) {
                continue;
            }
            $mark = ['at' => '2026-06-10T10:00:00.000Z'] + $this->mark($what, $payload);
            $this->send($visit, [$mark])->assertJsonPath('marks.0.outcome', 'taken');
        }
        self::assertSame('bathed', $this->getJson("/api/visits/{$id}")->json('stage'));
        self::assertNotSame($dog->id, $visit->dog_id);

        $long = ['id' => (string) Str::ulid(), 'markId' => (string) Str::ulid(), 'at' => '2026-04-10T09:00:00.000Z'] + $arrival;
        $this->postJson('/api/visits', $long)->assertJsonValidationErrorFor('at', 'fields');
    }

    /** @return array<string, mixed> what price, next visit and client are told from */
    private function told(): array
    {
        $visit = $this->getJson("/api/visits/{$this->visit->id}");
        $plan = $this->getJson("/api/visits/{$this->visit->id}/plan");

        return [
            'price' => $plan->json('price'),
            'tolerance' => $plan->json('tolerance'),
            'grades' => array_map(fn(array $section): ?int => $section['grade'], $visit->json('sections')),
            'findings' => array_column($visit->json('findings'), 'kind'),
            'borne' => $visit->json('table.borne'),
        ];
    }

    /** @param array<string, mixed> $payload */
    private function sendAt(string $at, string $kind, array $payload, ?string $section = null): TestResponse
    {
        $hand = CarbonImmutable::parse($at)->format('Y-m-d\TH:i:s.v\Z');

        return $this->send($this->visit, [['at' => $hand] + $this->mark($kind, $payload, $section)]);
    }
}
