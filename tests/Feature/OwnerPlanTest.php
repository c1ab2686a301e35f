<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Dog;
use App\Models\Message;
use App\Models\OwnerPlan;
use App\Models\Visit;
use HoundCheck\Core\Marks\Role;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

final class OwnerPlanTest extends TestCase
{
    use RefreshDatabase;

    private Dog $dog;

    private Visit $visit;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-06-09 09:00:00');
        config(['salon.phone' => '0555 0100']);
        $this->signIn();
        $this->dog = Dog::factory()->create(['coat' => 'curly', 'coat_mm' => 50, 'section_mm' => [], 'weight_kg' => 14]);
        $this->visit = $this->arrive($this->dog);
        $this->record($this->visit, 'arrival_answered', ['homeBrushing' => 'weekly', 'homeTool' => 'bristle', 'daysSinceCombOut' => 40]);
        $this->inspect($this->visit);
    }

    public function test_places_fit_the_minutes_stand_in_the_order_of_the_route_and_more_minutes_never_save_less(): void
    {
        $ten = $this->plan(10, 2);
        $more = $this->plan(15, 2);

        Contract::holds('get', '/api/visits/{visit}/owner-plan', $this->getJson("/api/visits/{$this->visit->id}/owner-plan?minutes=10&sessions=2"));
        self::assertNotEmpty($ten['places']);
        self::assertLessThanOrEqual(10.0, array_sum(array_column($ten['places'], 'minutes')) - 1e-9);
        self::assertLessThan($ten['tanglesWithout'], $ten['tanglesWith']);
        self::assertLessThanOrEqual($ten['tanglesWith'], $more['tanglesWith']);
        self::assertGreaterThanOrEqual(0, $ten['savesCents']);
        $route = $this->getJson("/api/visits/{$this->visit->id}")->json('route');
        $firsts = array_map(fn(array $place): int => (int) array_search($place['sections'][0], $route, true), $ten['places']);
        $sorted = $firsts;
        sort($sorted);
        self::assertSame($sorted, $firsts);
    }

    public function test_nobody_is_sent_onto_open_skin_or_a_mat_that_was_not_opened(): void
    {
        $first = $this->plan(15, 2)['places'];
        $sections = array_merge(...array_column($first, 'sections'));
        self::assertContains('tail', $sections);
        $this->record($this->visit, 'finding_noted', ['kind' => 'open_skin', 'spot' => true], 'tail');
        $this->record($this->visit, 'finding_noted', ['kind' => 'fleas'], 'back');
        $this->record($this->visit, 'comb_checked', ['comb' => 'stops', 'skinLine' => 'patchy', 'opens' => 'fingers'], 'ear_l');

        $plan = $this->plan(15, 2);
        self::assertSame([['section' => 'ear_l', 'why' => 'mat'], ['section' => 'tail', 'why' => 'open_skin']], $plan['leftOut']);
        self::assertSame([], array_intersect(['tail', 'ear_l'], array_merge(...array_column($plan['places'], 'sections'))));
        self::assertGreaterThan($this->savedWithout($plan), 0.0);
        Contract::holds('get', '/api/visits/{visit}/owner-plan', $this->getJson("/api/visits/{$this->visit->id}/owner-plan?minutes=15&sessions=2"));
    }

    public function test_a_finding_noted_later_changes_a_page_already_sent_and_the_salon_is_told(): void
    {
        $page = $this->give();
        $before = $this->getJson($page)->json('places');
        $section = $before[0]['sections'][0];
        self::assertSame([], $this->plan(10, 2)['given']['leftOutSince']);

        $finding = $this->record($this->visit, 'finding_noted', ['kind' => 'swelling'], $section);
        $now = $this->getJson($page)->assertOk();
        Contract::holds('get', '/api/home-plan/{plan}', $now);
        self::assertSame([['section' => $section, 'why' => 'swelling']], $now->json('leftOut'));
        self::assertNotContains($section, array_merge(...array_column($now->json('places'), 'sections')));
        self::assertSame([$section], $this->plan(10, 2)['given']['leftOutSince']);

        $this->record($this->visit, 'finding_closed', ['findingId' => $finding]);
        self::assertEquals($before, $this->getJson($page)->json('places'));
    }

    public function test_redness_of_our_work_rests_three_days_and_other_redness_until_it_is_closed(): void
    {
        $this->record($this->visit, 'finding_noted', ['kind' => 'redness', 'spot' => true], 'chest');
        $this->record($this->visit, 'run_started');
        $this->travel(1)->minutes();
        $this->record($this->visit, 'finding_noted', ['kind' => 'redness', 'spot' => true], 'tail');
        $page = $this->give();
        $left = fn(): array => array_column($this->getJson($page)->json('leftOut'), 'section');

        self::assertSame(['chest', 'tail'], $left());
        $this->travel(3)->days();
        $this->travel(1)->minutes();
        self::assertSame(['chest'], $left());
    }

    /** @param array<string, mixed> $plan */
    private function savedWithout(array $plan): float
    {
        return $plan['tanglesWith'] - $plan['tanglesWithout'];
    }

    public function test_the_plan_goes_by_the_weeks_that_the_client_heard(): void
    {
        $this->record($this->visit, 'next_visit_chosen', ['weeks' => 10]);

        self::assertSame(10, $this->plan(10, 2)['weeks']);
    }

    public function test_the_owner_has_a_page_without_an_account_ticks_on_it_and_the_salon_hears_of_it(): void
    {
        $page = $this->give();
        auth()->logout();

        $shown = $this->getJson($page)->assertOk();
        Contract::holds('get', '/api/home-plan/{plan}', $shown);
        self::assertSame([$this->dog->name, '0555 0100', true, []], [$shown->json('dog'), $shown->json('phone'), $shown->json('brushSlidesOver'), $shown->json('ticks')]);
        $place = $shown->json('places.0.part');

        $this->travel(3)->days();
        $this->postJson($page, ['place' => $place, 'day' => '2026-06-12', 'done' => true])->assertNoContent();
        $this->postJson($page, ['place' => $place, 'day' => '2026-06-12', 'done' => true])->assertNoContent();
        $this->postJson($page, ['place' => $place, 'day' => '2026-06-11', 'done' => true])->assertNoContent();
        $this->postJson($page, ['place' => $place, 'day' => '2026-06-11', 'done' => false])->assertNoContent();
        self::assertSame([['place' => $place, 'day' => '2026-06-12']], $this->getJson($page)->json('ticks'), 'told twice it is one, taken back it is none');

        $this->signIn();
        $this->record($this->visit, 'stopped', ['reason' => 'Enough.']);
        $this->travel(25)->days();
        $next = $this->arrive($this->dog);
        $home = $this->getJson("/api/visits/{$next->id}")->json('homePlan');
        self::assertSame([10, 2, 8, 1, null], [$home['minutes'], $home['sessions'], $home['asked'], $home['ticked'], $home['stops']]);
        $this->inspect($next, [$home['sections'][0] => ['comb' => 'stops', 'skinLine' => 'patchy', 'opens' => 'fingers', 'mattedShare' => 0.1]]);
        self::assertSame(1, $this->getJson("/api/visits/{$next->id}")->json('homePlan.stops'), 'what the comb found there is said');
    }

    public function test_a_visit_knows_the_plan_that_was_given_before_it_and_none_that_came_later(): void
    {
        $this->record($this->visit, 'stopped', ['reason' => 'Enough.']);
        $this->travel(25)->days();
        $first = $this->visit;
        $this->visit = $this->arrive($this->dog);
        $this->inspect($this->visit);
        $this->give();

        self::assertNull($this->getJson("/api/visits/{$first->id}")->json('homePlan'));
    }

    public function test_a_page_can_be_withdrawn_expires_and_gives_way_to_the_next_one(): void
    {
        $first = $this->give();
        $second = $this->give();
        $this->getJson($first)->assertForbidden()->assertJsonPath('message', 'This page is no longer open: the link has expired or is not complete. Please call us.');
        $this->getJson($second)->assertOk();

        $plan = OwnerPlan::query()->whereNull('withdrawn_at')->sole();
        $this->deleteJson("/api/owner-plans/{$plan->id}")->assertNoContent();
        $this->getJson($second)->assertForbidden();
        $this->postJson($second, ['place' => $plan->shown['places'][0]['part'], 'day' => '2026-06-09', 'done' => true])->assertForbidden();

        $third = $this->give();
        $this->travel(300)->days();
        $this->getJson($third)->assertForbidden();
    }

    public function test_sent_twice_after_a_lost_answer_it_is_one_page_and_one_message(): void
    {
        $id = (string) Str::ulid();
        $send = fn() => $this->postJson("/api/visits/{$this->visit->id}/owner-plans", ['id' => $id, 'minutes' => 10, 'sessions' => 2])->assertCreated();

        self::assertSame($send()->json(), $send()->json());

        self::assertSame([1, 1], [OwnerPlan::query()->count(), Message::query()->count()]);
    }

    public function test_nobody_else_gets_at_it(): void
    {
        $page = $this->give();
        $plan = OwnerPlan::query()->sole();
        $this->getJson(str_replace('signature=', 'signature=0', $page))->assertForbidden();
        $this->getJson("/api/home-plan/{$plan->id}")->assertForbidden();

        $this->signIn(Role::Apprentice);
        $this->postJson("/api/visits/{$this->visit->id}/owner-plans", ['id' => (string) Str::ulid(), 'minutes' => 10, 'sessions' => 2])->assertForbidden();
        $this->deleteJson("/api/owner-plans/{$plan->id}")->assertForbidden();
        self::assertStringNotContainsString('signature', (string) $this->getJson("/api/visits/{$this->visit->id}/owner-plan?minutes=10&sessions=2")->getContent());
    }

    #[TestWith([['place' => 'wings', 'day' => '2026-06-09', 'done' => true], 'place'])]
    #[TestWith([['place' => '', 'day' => '2026-06-09', 'done' => true], 'place'])]
    #[TestWith([['day' => 'yesterday', 'done' => true], 'day'])]
    #[TestWith([['day' => '2026-06-20', 'done' => true], 'day'])]
    #[TestWith([['day' => '2025-06-09', 'done' => true], 'day'])]
    #[TestWith([['day' => '2026-06-09'], 'done'])]
    public function test_a_tick_that_cannot_be_is_refused_and_names_its_field(array $tick, string $field): void
    {
        $page = $this->give();
        $tick += ['place' => OwnerPlan::query()->sole()->shown['places'][0]['part']];

        $this->postJson($page, $tick)->assertStatus(422)->assertJsonStructure(['fields' => [$field]]);
        self::assertSame(0, DB::table('owner_ticks')->count());
    }

    /** @return string the address of the owner's page in the API */
    private function give(): string
    {
        $this->postJson("/api/visits/{$this->visit->id}/owner-plans", ['id' => (string) Str::ulid(), 'minutes' => 10, 'sessions' => 2])->assertCreated();
        $this->travel(1)->seconds();

        return '/api'.Message::query()->orderByDesc('created_at')->orderByDesc('id')->firstOrFail()->url;
    }

    /** @return array<string, mixed> */
    private function plan(int $minutes, int $sessions): array
    {
        return $this->getJson("/api/visits/{$this->visit->id}/owner-plan?minutes={$minutes}&sessions={$sessions}")->assertOk()->json();
    }
}
