<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\ClientLink;
use App\Models\Message;
use App\Models\StoredMark;
use App\Models\Visit;
use App\Words\Words;
use HoundCheck\Core\Marks\Role;
use Tests\TestCase;

final class ClientLinkTest extends TestCase
{
    private const MAT = ['comb' => 'stops', 'skinLine' => 'patchy', 'opens' => 'tool', 'mattedShare' => 0.3, 'liftMm' => 7];

    private Visit $visit;

    private string $planId;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
        $this->visit = $this->arrive(null, ['slotMinutes' => 120]);
        $this->inspect($this->visit, ['tail' => self::MAT, 'chest' => self::MAT, 'hindleg_l' => self::MAT]);
        $this->record($this->visit, 'plan_chosen', ['aim' => 'balanced', 'choices' => $this->choicesAt('balanced')]);
        $this->planId = $this->showPlan($this->visit);
    }

    public function test_the_client_reads_exactly_what_was_sent_and_says_yes_without_signing_in(): void
    {
        $address = $this->sendLink();
        auth()->logout();

        $page = $this->getJson($address)->assertOk();
        Contract::holds('get', '/api/answer/{link}', $page);
        self::assertSame('suggested', $page->json('offers.0.id'));
        self::assertSame(['matted', 'combed'], [$page->json('coat.tail'), $page->json('coat.back')]);
        $this->postJson($address, ['answer' => 'yes', 'offer' => 'suggested', 'who' => 'Hester Lindqvist'])->assertNoContent();

        $this->signIn();
        $plan = $this->getJson("/api/visits/{$this->visit->id}/plan")->assertOk()->assertJsonPath('agreed', true);
        Contract::holds('get', '/api/visits/{visit}/plan', $plan);
        self::assertSame(
            ['yes', 'link', 'Hester Lindqvist'],
            [$plan->json('shown.answer.answer'), $plan->json('shown.answer.via'), $plan->json('shown.answer.who')],
        );
    }

    public function test_a_client_is_written_to_in_their_own_language_and_the_page_opens_in_it(): void
    {
        $client = $this->visit->dog->client;
        $this->getJson("/api/visits/{$this->visit->id}")->assertJsonPath('dog.client.language', null);
        $answer = $this->patchJson("/api/clients/{$client->id}", ['language' => 'de'])->assertOk();
        Contract::holds('patch', '/api/clients/{client}', $answer);
        $this->patchJson("/api/clients/{$client->id}", ['language' => 'xx'])->assertStatus(422);

        // Every tablet that shows a dog of theirs is told, also where the visit was drawn before.
        $this->getJson("/api/visits/{$this->visit->id}")->assertJsonPath('dog.client.language', 'de');

        $address = $this->sendLink();
        self::assertStringContainsString('was wir bei', Message::query()->latest('id')->firstOrFail()->text);
        $this->getJson($address)->assertOk()->assertJsonPath('language', 'de');

        $this->patchJson("/api/clients/{$client->id}", ['language' => null])->assertOk()->assertJsonPath('language', null);
        $this->getJson($address)->assertOk()->assertJsonPath('language', 'en');
        auth()->logout();
        $this->patchJson("/api/clients/{$client->id}", ['language' => 'de'])->assertUnauthorized();
    }

    public function test_before_a_yes_the_client_reads_why_what_comes_with_it_and_what_was_allowed_on_arrival(): void
    {
        $visit = $this->arrive();
        $this->record($visit, 'arrival_answered', ['consent' => 'hidden']);
        $tight = ['comb' => 'cannot_enter', 'skinLine' => 'patchy', 'mattedShare' => 0.5, 'liftMm' => 4];
        $this->inspect($visit, ['ear_l' => $tight, 'groin' => $tight]);
        foreach (['ear_l', 'groin'] as $section) {
            $this->record($visit, 'treatment_chosen', ['treatment' => 'clip:3.2'], $section);
        }
        $shown = $this->mark('plan_shown', ['choices' => $this->choices($visit)]);
        $this->send($visit, [$shown])->assertJsonPath('marks.0.outcome', 'taken');
        $this->postJson("/api/visits/{$visit->id}/client-links", ['planId' => $shown['id']])->assertCreated();
        auth()->logout();

        $page = $this->getJson('/api'.Message::query()->latest('created_at')->latest('id')->firstOrFail()->url)->assertOk();
        Contract::holds('get', '/api/answer/{link}', $page);
        $page->assertJsonPath('consent', 'hidden')
            ->assertJsonPath('offers.0.warnings', ['ears_after_tight_mats', 'licking'])
            ->assertJsonPath('offers.0.reasons.ear_l', fn(string $says): bool => str_contains($says, 'Loose skin falls between long teeth'));
        self::assertSame(['ear_l', 'groin'], array_keys($page->json('offers.0.reasons')), 'what is brushed needs no reason');
    }

    public function test_another_offer_than_the_suggestion_becomes_the_plan_as_it_was_shown(): void
    {
        $address = $this->sendLink();
        $page = $this->getJson($address);
        $easiest = collect($page->json('offers'))->firstWhere('id', 'easiest');

        $this->postJson($address, ['answer' => 'yes', 'offer' => 'easiest', 'who' => 'Hester'])->assertNoContent();

        $plan = $this->getJson("/api/visits/{$this->visit->id}/plan")->assertJsonPath('agreed', true)->assertJsonPath('aim.aim', 'easiest');
        self::assertEquals($easiest['choices'], $this->choices($this->visit));
        self::assertSame($easiest['priceCents'], $plan->json('price.totalCents'));
    }

    public function test_a_second_answer_after_the_first_changes_nothing_and_says_so(): void
    {
        $address = $this->sendLink();
        $this->postJson($address, ['answer' => 'no', 'who' => 'Hester'])->assertNoContent();
        $marks = StoredMark::query()->count();

        $second = $this->postJson($address, ['answer' => 'yes', 'offer' => 'suggested', 'who' => 'Hester'])->assertConflict();
        Contract::holds('post', '/api/answer/{link}', $second);
        self::assertStringStartsWith('You said no at ', $second->json('message'));
        self::assertSame($marks, StoredMark::query()->count());
    }

    public function test_a_question_or_a_call_settles_nothing_and_a_yes_may_follow(): void
    {
        $address = $this->sendLink();
        $this->postJson($address, ['answer' => 'question', 'who' => 'Hester'])->assertUnprocessable();
        $this->postJson($address, ['answer' => 'question', 'who' => 'Hester', 'words' => 'Can the tail stay?'])->assertNoContent();
        $this->getJson("/api/visits/{$this->visit->id}/plan")
            ->assertJsonPath('agreed', false)
            ->assertJsonPath('shown.answer.note', 'Can the tail stay?');
        $this->postJson($address, ['answer' => 'call', 'who' => 'Hester'])->assertNoContent();

        $this->postJson($address, ['answer' => 'yes', 'offer' => 'suggested', 'who' => 'Hester'])->assertNoContent();
        $this->getJson("/api/visits/{$this->visit->id}/plan")->assertJsonPath('agreed', true);
    }

    public function test_an_expired_or_altered_link_opens_nothing(): void
    {
        $address = $this->sendLink();
        foreach ([
            str_replace('signature=', 'signature=0', $address),
            preg_replace('/expires=\d+/', 'expires=9999999999', $address),
            strtok($address, '?'),
        ] as $wrong) {
            $answer = $this->getJson((string) $wrong)->assertForbidden()->assertJsonPath('message', Words::of('clients.link_over'));
            Contract::holds('get', '/api/answer/{link}', $answer);
        }
        $this->travel(25)->hours();
        $this->getJson($address)->assertForbidden();
        $this->postJson($address, ['answer' => 'yes', 'offer' => 'suggested', 'who' => 'Hester'])->assertForbidden();
    }

    public function test_a_plan_that_changed_meanwhile_is_not_agreed_by_an_old_link(): void
    {
        $address = $this->sendLink();
        $this->record($this->visit, 'comb_checked', self::MAT, 'belly');

        $this->postJson($address, ['answer' => 'yes', 'offer' => 'suggested', 'who' => 'Hester'])
            ->assertConflict()
            ->assertJsonPath('message', Words::of('clients.plan_moved_on'));
        $this->postJson("/api/visits/{$this->visit->id}/client-links", ['planId' => $this->planId])->assertConflict();
        self::assertNull(ClientLink::query()->sole()->settled_at);
    }

    public function test_an_old_page_agrees_to_none_of_its_offers_once_the_groomer_changed_the_plan(): void
    {
        $address = $this->sendLink();
        $this->record($this->visit, 'plan_chosen', ['aim' => 'keep_coat', 'choices' => $this->choicesAt('keepCoat')]);
        $marks = StoredMark::query()->count();

        $this->postJson($address, ['answer' => 'yes', 'offer' => 'easiest', 'who' => 'Hester'])
            ->assertConflict()
            ->assertJsonPath('message', Words::of('clients.plan_moved_on'));
        self::assertSame($marks, StoredMark::query()->count());
    }

    public function test_an_offer_that_was_not_on_the_page_is_refused(): void
    {
        $this->postJson($this->sendLink(), ['answer' => 'yes', 'offer' => 'shave', 'who' => 'Hester'])
            ->assertConflict()
            ->assertJsonPath('message', Words::of('clients.no_such_offer'));
    }

    public function test_in_a_salon_of_ones_own_nobody_sees_a_live_link_but_the_client(): void
    {
        $this->sendLink();

        $this->getJson('/api/messages')->assertNotFound();
    }

    public function test_a_staff_member_cannot_answer_as_the_clients_link(): void
    {
        $mark = $this->mark('answer_given', ['planId' => $this->planId, 'answer' => 'yes', 'via' => 'link', 'who' => 'Hester']);

        $this->send($this->visit, [$mark])->assertJsonPath('marks.0.reason', 'only_through_the_link');
        $this->getJson("/api/visits/{$this->visit->id}/plan")->assertJsonPath('agreed', false);
    }

    public function test_a_link_opens_though_a_messenger_hangs_something_on_behind_it(): void
    {
        $this->getJson($this->sendLink().'&seen=1&from=phone')->assertOk();
    }

    public function test_a_client_cannot_flood_the_salon_with_questions(): void
    {
        $address = $this->sendLink();
        for ($asked = 0; $asked < 6; $asked++) {
            $this->postJson($address, ['answer' => 'question', 'who' => 'Hester', 'words' => "Why {$asked}?"])->assertNoContent();
        }

        $this->postJson($address, ['answer' => 'question', 'who' => 'Hester', 'words' => 'Why?'])->assertStatus(429);
    }

    public function test_the_demos_phone_shows_messages_to_who_decides_and_an_apprentice_sends_none(): void
    {
        config(['salon.demo' => true]);
        $this->sendLink();
        $list = $this->getJson('/api/messages')->assertOk();
        Contract::holds('get', '/api/messages', $list);
        self::assertStringContainsString('Dulse', $list->json('messages.0.text'));
        $this->signIn(Role::Apprentice);
        $this->postJson("/api/visits/{$this->visit->id}/client-links", ['planId' => $this->planId])->assertForbidden();
        $this->getJson('/api/messages')->assertForbidden();
        auth()->logout();
        $this->getJson('/api/messages')->assertUnauthorized();
    }

    public function test_what_shows_late_is_asked_after_on_the_next_day_and_not_before(): void
    {
        config(['salon.demo' => true, 'salon.timezone' => 'Europe/London']);
        $this->travelTo('2026-06-09 15:00:00');
        $visit = $this->arrive();
        $texts = fn(): array => array_column($this->getJson('/api/messages')->assertOk()->json('messages'), 'text');
        $this->record($visit, 'aftercare_chosen', ['items' => ['redness', 'quiet_evening', 'ears_after_tight_mats']]);
        $gone = $this->record($visit, 'handed_over', ['skippedBecause' => 'kept on paper']);
        self::assertSame([], $texts(), 'nobody is asked on the same day');

        $this->record($visit, 'withdrawn', ['markId' => $gone]);
        $this->assertDatabaseCount('messages', 0);
        $this->record($visit, 'handed_over', ['skippedBecause' => 'kept on paper']);
        $this->travelTo('2026-06-10 08:59:00');
        self::assertSame([], $texts());
        $this->travelTo('2026-06-10 09:00:00');
        $list = $this->getJson('/api/messages')->assertOk()->assertJsonCount(1, 'messages')->assertJsonPath('messages.0.url', null);
        Contract::holds('get', '/api/messages', $list);
        self::assertMatchesRegularExpression('/how is \w+ today\?.*brushed a good deal.*look at the ears/', $list->json('messages.0.text'));
    }

    public function test_a_dog_of_which_nothing_shows_late_is_left_in_peace_and_so_is_one_that_was_stopped(): void
    {
        foreach (['handed_over' => ['skippedBecause' => 'x'], 'stopped' => ['reason' => 'x']] as $kind => $payload) {
            $visit = $this->arrive();
            $items = $kind === 'stopped' ? ['quiet_evening'] : ['short_clip', 'redness'];
            $this->record($visit, 'aftercare_chosen', ['items' => $items]);
            $this->record($visit, $kind, $payload);
        }

        $this->assertDatabaseCount('messages', 0);
    }

    /** @return string the address of the API that the page reads */
    private function sendLink(): string
    {
        $sent = $this->postJson("/api/visits/{$this->visit->id}/client-links", ['planId' => $this->planId])->assertCreated();
        Contract::holds('post', '/api/visits/{visit}/client-links', $sent);

        return '/api'.Message::query()->latest('created_at')->firstOrFail()->url;
    }

    /** @return array<string, string> */
    private function choicesAt(string $name): array
    {
        $frontier = $this->getJson("/api/visits/{$this->visit->id}/plan")->json('frontier');
        $choices = [];
        foreach ($frontier['sections'] as $index => $id) {
            $choices[$id] = $frontier['options'][$id][intval($frontier['plans'][$frontier[$name]]['picks'][$index], 36)];
        }

        return $choices;
    }
}
