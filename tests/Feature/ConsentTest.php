<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Message;
use App\Models\Visit;
use App\Words\Words;
use HoundCheck\Core\Marks\Role;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** A yes is to a plan at its price within its limits; a no stands. Over the API, as somebody would try to get round it. */
final class ConsentTest extends TestCase
{
    private const MAT = ['comb' => 'stops', 'skinLine' => 'patchy', 'opens' => 'tool', 'mattedShare' => 0.2, 'liftMm' => 9.5];

    private Visit $visit;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-06-09 09:00:00');
        $this->signIn();
        $this->visit = $this->arrive();
        $this->record($this->visit, 'arrival_answered', ['consent' => 'ask', 'weightKg' => 12]);
        $this->inspect($this->visit, ['tail' => self::MAT, 'breeches_l' => self::MAT]);
        $this->record($this->visit, 'treatment_chosen', ['treatment' => 'clip:9.5'], 'tail');
        $this->record($this->visit, 'treatment_chosen', ['treatment' => 'demat'], 'breeches_l');
    }

    public function test_a_yes_is_to_its_price(): void
    {
        $this->say('yes', $this->showPlan($this->visit));
        $this->see()->assertJsonPath('agreed', true)->assertJsonPath('price.totalCents', 6600);

        $this->record($this->visit, 'arrival_answered', ['weightKg' => 45, 'extras' => ['nails']]);
        $plan = $this->see()->assertJsonPath('agreed', false)->assertJsonPath('shown.current', false)
            ->assertJsonPath('word.why', 'higher_price')->assertJsonPath('word.agreedCents', 6600);
        self::assertGreaterThanOrEqual(10400, $plan->json('word.nowCents'));
        Contract::holds('get', '/api/visits/{visit}/plan', $plan);
        $this->cut('not_agreed');
        Contract::holds('get', '/api/visits/{visit}', $this->getJson("/api/visits/{$this->visit->id}")->assertJsonPath('word.who', 'Hester'));

        $this->record($this->visit, 'arrival_answered', ['weightKg' => 12, 'extras' => []]);
        $this->see()->assertJsonPath('agreed', true)->assertJsonPath('word', null);
    }

    public function test_nobody_says_yes_by_link_to_a_price_that_is_no_longer_so(): void
    {
        $address = $this->link($this->showPlan($this->visit));
        $this->record($this->visit, 'arrival_answered', ['extras' => ['nails']]);

        $this->postJson($address, ['answer' => 'yes', 'offer' => 'suggested', 'who' => 'Hester'])->assertConflict();
        $this->cut('not_agreed');
    }

    public function test_a_plan_is_shown_at_the_price_it_has(): void
    {
        $codes = ['choices' => $this->choices($this->visit)];
        $this->send($this->visit, [$this->mark('plan_shown', [...$codes, 'priceCents' => 4800])])->assertJsonPath('marks.0.reason', 'plan_has_changed');
        $this->send($this->visit, [$this->mark('plan_shown', [...$codes, 'priceCents' => 6600, 'feeLimitCents' => 1, 'permission' => 'any', 'weightKg' => 3])])
            ->assertJsonPath('marks.0.outcome', 'taken');
        $this->see()->assertJsonPath('shown.current', true);
        $this->cut('not_agreed');
    }

    public function test_work_at_the_table_does_not_change_the_agreed_price(): void
    {
        $this->say('yes', $this->showPlan($this->visit));
        $wide = ['mattedShare' => 0.38] + self::MAT;
        foreach (['side_l', 'side_r'] as $section) {
            $this->record($this->visit, 'table_combed', $wide, $section);
            $this->record($this->visit, 'treatment_chosen', ['treatment' => 'demat', 'reason' => 'Found under the top'], $section);
        }

        $this->see()->assertJsonPath('agreed', true)->assertJsonPath('price.totalCents', 6600);
    }

    public function test_an_undo_of_what_was_answered_on_arrival_does_not_widen_what_was_shown(): void
    {
        $visit = $this->arrive();
        $this->record($visit, 'arrival_answered', ['consent' => 'any']);
        $ask = $this->record($visit, 'arrival_answered', ['consent' => 'ask']);
        $this->inspect($visit, ['tail' => self::MAT]);
        $this->record($visit, 'treatment_chosen', ['treatment' => 'clip:9.5'], 'tail');
        $this->showPlan($visit);
        $this->record($visit, 'withdrawn', ['markId' => $ask]);

        $this->send($visit, [$this->mark('clipped', ['mm' => 9.5], 'tail')])->assertJsonPath('marks.0.reason', 'not_agreed');
    }

    public function test_what_a_yes_rests_on_is_a_groomers_once_a_plan_was_shown(): void
    {
        $this->showPlan($this->visit);
        $client = $this->visit->dog->client;
        $this->signIn(Role::Apprentice);
        foreach ([
            ['phone' => '0555 0111'], ['temperament' => 'settled'], ['health' => []], ['extras' => ['nails']], ['consent' => 'any'],
            ['feeLimitCents' => null], ['weightKg' => 45], ['service' => 'bath_and_brush'],
        ] as $changes) {
            $this->send($this->visit, [$this->mark('arrival_answered', $changes)])->assertJsonPath('marks.0.reason', 'needs_a_groomer');
        }
        $this->patchJson("/api/clients/{$client->id}", ['phone' => '0555 0111'])->assertForbidden();
        $this->patchJson("/api/clients/{$client->id}", ['language' => 'de'])->assertOk();
        $this->record($this->visit, 'arrival_answered', ['weightKg' => 12.4, 'gear' => ['collar']]);

        $this->signIn();
        $this->record($this->visit, 'stopped', ['reason' => 'Comes again']);
        $this->signIn(Role::Apprentice);
        $this->patchJson("/api/clients/{$client->id}", ['phone' => '0555 0111'])->assertOk();
    }

    public function test_a_no_by_link_ends_with_a_yes_that_its_phone_is_told_of(): void
    {
        $client = $this->visit->dog->client;
        $client->update(['phone' => '0555 0100']);
        $plan = $this->showPlan($this->visit);
        $address = $this->link($plan);
        $this->say('yes', $plan);
        $this->postJson($address, ['answer' => 'no', 'who' => 'Hester', 'words' => 'Not the tail'])->assertNoContent();
        $this->see()->assertJsonPath('agreed', false)->assertJsonPath('word.why', 'no')->assertJsonPath('word.via', 'link');
        $this->cut('not_agreed');

        $no = collect($this->getJson("/api/visits/{$this->visit->id}/record")->json('timeline'))
            ->first(fn(array $mark): bool => ($mark['decision']['what'] ?? '') === 'Hester '.(new Words('en'))->say('visit.answers.no'))['id'];
        $this->send($this->visit, [$this->mark('withdrawn', ['markId' => $no])])->assertJsonPath('marks.0.reason', 'the_no_stands');
        $this->record($this->visit, 'arrival_answered', ['consent' => 'any', 'phone' => '0555 0199']);
        $this->cut('not_agreed');
        self::assertSame(1, Message::query()->count());

        $this->say('yes', $this->showPlan($this->visit), 'Lindqvist, her husband');
        $this->see()->assertJsonPath('agreed', true)->assertJsonPath('word', null);
        $told = Message::query()->latest('id')->firstOrFail();
        self::assertSame(['yes_noted', '0555 0100'], [$told->kind, $told->to_phone]);
        self::assertStringContainsString('Lindqvist, her husband', $told->text);
        $this->record($this->visit, 'clipped', ['mm' => 9.5], 'tail');
    }

    private function say(string $answer, string $planId, string $who = 'Hester'): string
    {
        return $this->record($this->visit, 'answer_given', ['planId' => $planId, 'answer' => $answer, 'via' => 'here', 'who' => $who]);
    }

    private function link(string $planId): string
    {
        $this->postJson("/api/visits/{$this->visit->id}/client-links", ['planId' => $planId])->assertCreated();

        return '/api'.Message::query()->latest('id')->firstOrFail()->url;
    }

    private function see(): TestResponse
    {
        return $this->getJson("/api/visits/{$this->visit->id}/plan")->assertOk();
    }

    private function cut(string $reason): void
    {
        $this->send($this->visit, [$this->mark('clipped', ['mm' => 9.5], 'tail')])->assertJsonPath('marks.0.reason', $reason);
    }
}
