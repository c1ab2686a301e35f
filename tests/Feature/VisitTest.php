<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Dog;
use App\Models\StoredMark;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Marks\Role;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

final class VisitTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
    }

    public function test_after_an_update_a_visit_is_drawn_anew_and_not_as_the_earlier_version_drew_it(): void
    {
        $this->signIn();
        $visit = $this->arrive();
        $drawn = fn(): array => $this->getJson("/api/visits/{$visit->id}")->assertOk()->json();
        $now = $drawn();
        app('db')->table('visit_answers')->update(['answer' => json_encode(['id' => $visit->id, 'number' => 1])]);
        self::assertSame(['id', 'number'], array_keys($drawn()));

        $this->artisan('migrate', ['--force' => true])->assertSuccessful();

        self::assertSame($now, $drawn());
    }

    public function test_a_dog_comes_in_once_however_often_it_is_sent(): void
    {
        $dog = Dog::factory()->create();
        $sent = [
            'id' => (string) Str::ulid(),
            'markId' => (string) Str::ulid(),
            'dogId' => $dog->id,
            'at' => self::now(),
            'device' => self::DEVICE,
        ];

        $answer = $this->postJson('/api/visits', $sent)
            ->assertCreated()
            ->assertJsonPath('stage', 'arrived')
            ->assertJsonPath('dog.name', 'Dulse');
        Contract::holds('post', '/api/visits', $answer);
        $this->postJson('/api/visits', $sent)->assertCreated();

        self::assertSame([1, 1], [Visit::query()->count(), StoredMark::query()->count()]);
    }

    public function test_a_dog_that_has_not_gone_home_does_not_come_in_again(): void
    {
        $dog = Dog::factory()->create();
        $this->arrive($dog);

        $answer = $this->postJson(
            '/api/visits',
            [
                'id' => (string) Str::ulid(),
                'markId' => (string) Str::ulid(),
                'dogId' => $dog->id,
                'at' => self::now(),
                'device' => self::DEVICE,
            ],
        );

        $answer->assertStatus(409)->assertJsonPath(
            'message',
            'Dulse has not gone home from the last visit. Open that visit, or end it first.',
        );
        Contract::holds('post', '/api/visits', $answer);
    }

    public function test_an_arrival_that_makes_no_sense_is_refused_by_field(): void
    {
        $answer = $this->postJson('/api/visits', ['id' => 'x', 'dogId' => '01J00000000000000000000000', 'slotMinutes' => 5]);

        self::assertEqualsCanonicalizing(
            ['id', 'markId', 'dogId', 'at', 'device', 'slotMinutes'],
            array_keys($answer->assertStatus(422)->json('fields')),
        );
        Contract::holds('post', '/api/visits', $answer);
    }

    public function test_a_visit_shows_what_the_comb_found_and_what_it_still_asks(): void
    {
        $visit = $this->arrive();
        $this->record($visit, 'comb_checked', ['comb' => 'stops', 'skinLine' => 'patchy'], 'tail');
        $this->record($visit, 'comb_checked', ['comb' => 'glides', 'skinLine' => 'patchy'], 'back');

        $answer = $this->getJson("/api/visits/{$visit->id}")->assertOk();

        Contract::holds('get', '/api/visits/{visit}', $answer);
        $answer->assertJsonPath('sections.tail.grade', 2)
            ->assertJsonPath('sections.tail.asks', 'opens')
            ->assertJsonPath('sections.tail.possible', [2, 3, 4]);
        $answer->assertJsonPath('sections.back.verdict', 'comb_again')->assertJsonPath('sections.back.grade', null);
        $answer->assertJsonPath('sections.belly.verdict', 'not_checked')->assertJsonCount(29, 'summary.toCheck');
        self::assertSame('hindfoot_l', $answer->json('route.0'));
    }

    public function test_asking_again_without_news_costs_nothing(): void
    {
        $visit = $this->arrive();
        $tag = $this->getJson("/api/visits/{$visit->id}")->headers->get('ETag');

        self::assertSame('', $this->ask($visit, $tag)->assertStatus(304)->getContent());
        $this->record($visit, 'note_written', ['text' => 'Sings']);
        $this->ask($visit, $tag)->assertOk()->assertJsonPath('notes.0.text', 'Sings');
    }

    /** Asks as a tablet does that has an answer already. */
    private function ask(Visit $visit, ?string $tag): TestResponse
    {
        return $this->getJson("/api/visits/{$visit->id}", ['If-None-Match' => (string) $tag]);
    }

    public function test_a_changed_card_and_a_late_mark_of_an_earlier_visit_that_counts_show_at_once(): void
    {
        $dog = Dog::factory()->create(['mind' => 'Sings']);
        $first = $this->arrive($dog);
        $late = $this->mark('comb_checked', ['comb' => 'stops', 'skinLine' => 'clear'], 'tail');
        $this->travel(1)->minutes();
        $this->record($first, 'stopped', ['reason' => 'Ran out of time']);
        $this->travel(5)->days();
        $second = $this->arrive($dog);
        $this->getJson("/api/visits/{$second->id}")->assertJsonPath('dog.mind', 'Sings')->assertJsonPath('sections.tail.lastGrade', null);

        $this->patchJson("/api/dogs/{$dog->id}", ['mind' => 'Bites the dryer'])->assertOk();
        $this->send($first, [$late])->assertJsonPath('marks.0.outcome', 'taken');
        $this->getJson("/api/visits/{$second->id}")->assertJsonPath('sections.tail.lastGrade', null);
        $this->record($first, 'late_counted', ['markId' => $late['id'], 'reason' => 'The cellar has no network']);

        $this->getJson("/api/visits/{$second->id}")
            ->assertJsonPath('dog.mind', 'Bites the dryer')
            ->assertJsonPath('sections.tail.lastGrade', 2);
    }

    public function test_a_mark_sent_twice_is_stored_once_and_one_wrong_mark_does_not_hold_up_the_others(): void
    {
        $visit = $this->arrive();
        $good = $this->mark('comb_checked', ['comb' => 'glides', 'skinLine' => 'clear'], 'tail');
        $wrong = $this->mark('comb_checked', ['comb' => 'glides', 'mattedShare' => 3], 'back');

        $answer = $this->send($visit, [$good, $wrong, $good])->assertOk();

        Contract::holds('post', '/api/visits/{visit}/marks', $answer);
        self::assertSame(['taken', 'refused', 'already'], array_column($answer->json('marks'), 'outcome'));
        $answer->assertJsonPath('marks.1.message', 'This entry cannot be used: mattedShare must be a number from 0 to 1.');
        self::assertSame(1, StoredMark::query()->where('kind', 'comb_checked')->count());
    }

    public function test_a_mark_of_another_visit_is_not_taken_for_this_one(): void
    {
        $one = $this->arrive();
        $other = $this->arrive();
        $mark = $this->mark('note_written', ['text' => 'x']);
        $this->send($one, [$mark])->assertJsonPath('marks.0.outcome', 'taken');

        $this->send($other, [$mark])->assertJsonPath('marks.0.reason', 'used_elsewhere');
    }

    public function test_a_batch_that_is_no_batch_is_refused_whole(): void
    {
        $visit = $this->arrive();

        Contract::holds('post', '/api/visits/{visit}/marks', $this->send($visit, [])->assertStatus(422));
        $this->send($visit, [['id' => 'x'] + $this->mark('note_written', ['text' => 'x'])])->assertStatus(422);
        $this->send($visit, ['x'])->assertStatus(422);
        $this->send($visit, array_fill(0, 201, $this->mark('note_written', ['text' => 'x'])))->assertStatus(422);
        Contract::holds(
            'post',
            '/api/visits/{visit}/marks',
            $this->postJson(
                '/api/visits/01J00000000000000000000000/marks',
                ['marks' => [$this->mark('note_written', ['text' => 'x'])]],
            )->assertNotFound(),
        );
    }

    public function test_nothing_recorded_is_overwritten_and_undo_leaves_both_in_the_record(): void
    {
        $visit = $this->arrive();
        $this->record($visit, 'comb_checked', ['comb' => 'glides', 'skinLine' => 'clear'], 'tail');
        $second = $this->record($visit, 'comb_checked', ['comb' => 'stops'], 'tail');
        $this->record($visit, 'withdrawn', ['markId' => $second]);

        $this->getJson("/api/visits/{$visit->id}")->assertJsonPath('sections.tail.grade', 0);
        $record = $this->getJson("/api/visits/{$visit->id}/record")->assertOk();
        Contract::holds('get', '/api/visits/{visit}/record', $record);
        self::assertSame([false, false, true, false], array_column($record->json('timeline'), 'withdrawn'));
    }

    public function test_arrival_answers_reach_the_rules_and_the_dogs_card(): void
    {
        $dog = Dog::factory()->create(['weight_kg' => 24, 'health' => []]);
        $visit = $this->arrive($dog);
        $this->record(
            $visit,
            'arrival_answered',
            ['weightKg' => 22.5, 'health' => ['joint_pain'], 'gear' => ['collar'], 'consent' => 'hidden', 'slotMinutes' => 120],
        );

        $answer = $this->getJson("/api/visits/{$visit->id}")->assertJsonPath('dog.weightKg', 22.5)->assertJsonPath('slotMinutes', 120);
        self::assertEqualsWithDelta(30 * 0.7 * 0.6, $answer->json('summary.tolerance.minutes'), 1e-9);
        self::assertSame(['collar'], $answer->json('sections.neck.lookFirst'));
        self::assertSame('belly_standing', $answer->json('sections.belly.holds.0'));
        $this->record($visit, 'arrival_answered', ['neverOnTheBack' => true]);
        $this->getJson("/api/visits/{$visit->id}")->assertJsonPath('sections.belly.holds.0', 'never_on_the_back');
        self::assertSame([22.5, ['joint_pain']], [$dog->refresh()->weight_kg, $dog->health]);
    }

    public function test_a_finding_stays_open_over_visits_until_somebody_closes_it_and_undo_opens_it_again(): void
    {
        $dog = Dog::factory()->create();
        $first = $this->arrive($dog);
        $finding = $this->record($first, 'finding_noted', ['kind' => 'open_skin', 'note' => 'Scratched'], 'tail');
        $this->record($first, 'stopped', ['reason' => 'To the vet']);
        $this->travel(30)->days();
        $second = $this->arrive($dog);

        $this->getJson("/api/visits/{$second->id}")
            ->assertJsonPath('findings.0.id', $finding)
            ->assertJsonPath('findings.0.earlierVisit', true)
            ->assertJsonPath('sections.tail.leaveAlone', true);
        $closing = $this->record($second, 'finding_closed', ['findingId' => $finding]);
        $this->getJson("/api/visits/{$second->id}")
            ->assertJsonPath('findings.0.closed', true)
            ->assertJsonPath('sections.tail.leaveAlone', false);
        $this->record($second, 'withdrawn', ['markId' => $closing]);
        $this->getJson("/api/visits/{$second->id}")->assertJsonPath('findings.0.closed', false);
        $this->getJson("/api/visits/{$first->id}")->assertJsonPath('findings.0.closed', false);
    }

    public function test_the_comb_is_not_asked_for_where_the_skin_is_for_a_vet(): void
    {
        foreach (['open_skin', 'swelling', 'maggots'] as $kind) {
            $visit = $this->arrive();
            $this->record($visit, 'finding_noted', ['kind' => $kind], 'tail');

            $answer = $this->getJson("/api/visits/{$visit->id}")->assertJsonPath('sections.tail.leaveAlone', true);
            self::assertNotContains('tail', $answer->json('summary.toCheck'), $kind);
        }
        $visit = $this->arrive();
        $this->record($visit, 'finding_noted', ['kind' => 'hot_spot'], 'tail');
        $this->getJson("/api/visits/{$visit->id}")->assertJsonPath('sections.tail.leaveAlone', false);
    }

    public function test_what_a_hand_feels_before_the_comb_is_looked_at_first_and_grades_nothing(): void
    {
        $visit = $this->arrive();
        $felt = $this->record($visit, 'knot_felt', [], 'side_l');
        $this->getJson("/api/visits/{$visit->id}")
            ->assertJsonPath('sections.side_l.lookFirst', ['felt'])
            ->assertJsonPath('sections.side_l.felt', $felt)
            ->assertJsonPath('sections.side_l.grade', null)
            ->assertJsonPath('stage', 'arrived');
        $this->record($visit, 'withdrawn', ['markId' => $felt]);
        $this->getJson("/api/visits/{$visit->id}")->assertJsonPath('sections.side_l.felt', null);
    }

    public function test_the_last_visits_grades_say_where_to_look_first(): void
    {
        $dog = Dog::factory()->create();
        $first = $this->arrive($dog);
        $this->inspect($first, ['side_l' => ['comb' => 'stops', 'skinLine' => 'clear', 'opens' => 'tool']]);
        $this->record($first, 'stopped', ['reason' => 'Ran out of time']);
        $this->travel(40)->days();

        $answer = $this->getJson('/api/visits/'.$this->arrive($dog)->id);

        $answer->assertJsonPath('sections.side_l.lastGrade', 3)->assertJsonPath('sections.side_l.lookFirst', ['last_visit']);
        $answer->assertJsonPath('sections.side_r.lastGrade', 0)->assertJsonPath('lastVisit.id', $first->id);
    }

    public function test_the_day_lists_its_dogs_in_the_order_in_which_they_need_someone(): void
    {
        $planned = $this->arrive(Dog::factory()->create(['name' => 'Rook']));
        $this->inspect($planned);
        $this->showPlan($planned);
        $this->travel(10)->minutes();
        $waiting = $this->arrive(Dog::factory()->create(['name' => 'Fen']));
        $this->travel(5)->minutes();
        $half = $this->arrive(Dog::factory()->create(['name' => 'Moss']));
        $this->record($half, 'comb_checked', ['comb' => 'stops', 'skinLine' => 'clear'], 'tail');
        $gone = $this->arrive(Dog::factory()->create(['name' => 'Tolly']));
        $this->record($gone, 'stopped', ['reason' => 'Ill']);

        $answer = $this->getJson('/api/day')->assertOk();

        Contract::holds('get', '/api/day', $answer);
        self::assertSame(
            [$planned->id, $waiting->id, $half->id, $gone->id],
            array_column($answer->json('dogs'), 'id'),
            'who waits longest, then who is with somebody',
        );
        self::assertSame(['answer', 'inspection', 'finish_inspection', 'nothing'], array_column($answer->json('dogs'), 'needs'));
        self::assertSame('2', $answer->json('dogs.2.grades')[29]);
        app('db')->table('visits')->where('id', $planned->id)->update(['day_facts' => null]);
        app('db')->table('visits')->where('id', $half->id)->update(['day_facts' => '{"mood":"good"}']);
        self::assertSame(
            $answer->json('dogs'),
            $this->getJson('/api/day')->json('dogs'),
            'what an earlier version wrote is made anew from the marks',
        );
        self::assertSame(
            [true, true],
            [$answer->json('dogs.1.guess'), $answer->json('dogs.1.ready.to') > $answer->json('dogs.1.ready.likely')],
        );
    }

    public function test_a_dog_nobody_closed_yesterday_is_still_in_the_day_and_one_that_went_home_is_not(): void
    {
        $left = $this->arrive();
        $gone = $this->arrive(Dog::factory()->create());
        $this->record($gone, 'stopped', ['reason' => 'Ill']);
        $yesterday = CarbonImmutable::now()->toDateString();
        $this->travel(1)->days();

        self::assertSame([$left->id], array_column($this->getJson('/api/day')->json('dogs'), 'id'));
        self::assertCount(2, $this->getJson("/api/day?date={$yesterday}")->json('dogs'));
        Contract::holds('get', '/api/day', $this->getJson('/api/day?date=yesterday')->assertStatus(422));
    }

    public function test_lists_rebuilt_from_the_marks_are_the_same_lists(): void
    {
        $dog = Dog::factory()->create();
        $first = $this->arrive($dog);
        $this->inspect($first, ['tail' => ['comb' => 'stops', 'skinLine' => 'clear', 'opens' => 'fingers']]);
        $finding = $this->record($first, 'finding_noted', ['kind' => 'growth', 'sizeMm' => 6], 'back');
        $this->record($first, 'handed_over', ['skippedBecause' => 'On paper']);
        $this->travel(10)->days();
        $this->record($this->arrive($dog), 'finding_closed', ['findingId' => $finding]);
        $tables = fn(): array => array_map(
            fn(string $table): array => app('db')->table($table)->orderBy('id')->get()->map(fn($row): array => (array) $row)->all(),
            ['visits', 'findings', 'dogs'],
        );
        $before = $tables();
        app('db')->table('visits')->update(['stage' => 'arrived', 'grades' => str_repeat('-', 30), 'mat_load' => 0, 'closed_at' => null]);
        app('db')->table('findings')->delete();

        $this->artisan('visits:rebuild')->assertSuccessful();

        self::assertEquals($before, $tables());
    }

    public function test_the_comb_check_guide_is_there_to_read(): void
    {
        $guide = $this->getJson('/api/comb-check-guide')->assertOk()->assertJsonPath('referrals.open_skin', 'leave_alone_see_vet');
        Contract::holds('get', '/api/comb-check-guide', $guide);
        self::assertSame(5, $guide->json('outcomes')[$guide->json('steps')['cannot_enter|hidden|2|-']]['grade']);
    }

    public function test_an_apprentice_records_but_does_not_decide(): void
    {
        $visit = $this->arrive();
        $this->inspect($visit);
        $groomersChoice = $this->record($visit, 'treatment_chosen', ['treatment' => 'clip:13'], 'tail');
        $this->signIn(Role::Apprentice);

        $this->record($visit, 'comb_checked', ['comb' => 'catches', 'skinLine' => 'clear'], 'back');
        $this->record($visit, 'finding_noted', ['kind' => 'redness'], 'back');
        foreach ([
            $this->mark('treatment_chosen', ['treatment' => 'brush'], 'tail'),
            $this->mark('plan_shown', ['choices' => []]),
            $this->mark('handed_over', ['skippedBecause' => 'x']),
            $this->mark('stopped', ['reason' => 'x']),
            $this->mark('withdrawn', ['markId' => $groomersChoice]),
        ] as $decision) {
            $this->send($visit, [$decision])->assertOk()->assertJsonPath('marks.0.reason', 'needs_a_groomer');
        }
    }
}
