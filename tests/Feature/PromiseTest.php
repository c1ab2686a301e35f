<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Dog;
use App\Models\Message;
use App\Models\Staff;
use App\Models\Visit;
use HoundCheck\Core\Marks\Role;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** Whose turn a dog is and what its client is promised: decided on the list of the day, and taken back. */
final class PromiseTest extends TestCase
{
    private Staff $groomer;

    protected function setUp(): void
    {
        parent::setUp();
        config(['salon.timezone' => 'Europe/Berlin', 'salon.name' => 'Kittiwake Lane', 'salon.phone' => '0555 0100']);
        // A Tuesday, 10:00 in the salon.
        $this->travelTo('2026-06-09 08:00:00');
        $this->groomer = $this->signIn();
    }

    public function test_another_promise_stands_in_its_place_and_undone_the_first_one_does(): void
    {
        $visit = $this->here();
        $given = $this->record($visit, 'promise_given', ['promisedAt' => '2026-06-09T14:15:00Z', 'told' => 'phone']);

        self::assertSame('2026-06-09 14:15:00', $visit->refresh()->promised_at?->format('Y-m-d H:i:s'));
        self::assertSame(['id' => $given, 'told' => 'phone'], $this->row($visit)['promise']);
        self::assertSame(0, Message::query()->count(), 'said by telephone, nothing is written');
        $this->assertRebuildChangesNothing();

        $this->record($visit, 'withdrawn', ['markId' => $given]);
        self::assertSame(['2026-06-09T13:00:00.000Z', null], [$this->row($visit)['promisedAt'], $this->row($visit)['promise']]);
        $this->assertRebuildChangesNothing();
    }

    public function test_the_client_is_written_the_time_that_stands_and_again_when_it_is_taken_back(): void
    {
        $visit = $this->here();
        $visit->dog->client->update(['language' => 'de', 'phone' => '0555 4444']);
        $mark = $this->mark('promise_given', ['promisedAt' => '2026-06-09T14:15:00Z', 'told' => 'message']);
        $this->send($visit, [$mark])->assertOk();
        $this->send($visit, [$mark])->assertOk();

        $message = Message::query()->sole();
        self::assertSame('Kittiwake Lane: Bitte holen Sie '.$visit->dog->name.' um 16:15 ab. Passt das nicht, rufen Sie 0555 0100 an.', $message->text);
        self::assertSame(['new_time', '0555 4444', $visit->id, 'phone'], [$message->kind, $message->to_phone, $message->visit_id, $message->sent_by]);
        self::assertNotNull($message->sent_at, 'it went out when the tablet had its answer');

        $this->record($visit, 'withdrawn', ['markId' => $mark['id']]);
        self::assertSame(['um 16:15 ab', 'um 15:00 ab'], Message::query()->orderBy('id')->pluck('text')->map(fn(string $text): string => preg_match('/um \d\d:\d\d ab/', $text, $found) ? $found[0] : '')->all());
    }

    public function test_times_that_could_be_promised_come_with_their_chance_and_the_words(): void
    {
        $visit = $this->here();
        $this->inspect($visit);
        $answer = $this->getJson("/api/visits/{$visit->id}/promise")->assertOk();
        Contract::holds('get', '/api/visits/{visit}/promise', $answer);

        $chances = array_column($answer->json('times'), 'chance');
        self::assertGreaterThan(4, count($chances));
        self::assertGreaterThanOrEqual(0.9, $chances[array_search($answer->json('proposed'), array_column($answer->json('times'), 'at'), true)]);
        self::assertStringContainsString($visit->dog->name, $answer->json('times.0.message'));
        $this->record($visit, 'stopped', ['reason' => 'signals']);
        $gone = $this->getJson("/api/visits/{$visit->id}/promise")->assertOk();
        self::assertSame([[], null], [$gone->json('times'), $gone->json('proposed')]);
    }

    public function test_what_is_decided_changes_whose_turn_it_is_until_a_hand_is_on_the_dog(): void
    {
        $other = Staff::factory()->create(['name' => 'Rosalind']);
        $waits = $this->here('2026-06-09T16:00:00Z');
        $this->here('2026-06-09T12:00:00Z');

        $turn = $this->record($waits, 'turn_decided', ['groomer' => $other->id, 'next' => true]);
        $row = $this->row($waits);
        self::assertSame([$other->id, 'Rosalind', ['id' => $turn, 'next' => true]], [$row['groomerId'], $row['groomer'], $row['turn']]);
        $next = array_column($this->getJson('/api/day/advice')->json('next'), 'reason', 'dog');
        self::assertSame('decided', $next[$waits->id] ?? null);
        $this->assertRebuildChangesNothing();

        $this->record($waits, 'withdrawn', ['markId' => $turn]);
        self::assertSame([null, null], [$this->row($waits)['groomerId'], $this->row($waits)['turn']]);
        $this->record($waits, 'turn_decided', ['groomer' => $other->id, 'next' => true]);
        $this->record($waits, 'comb_checked', ['comb' => 'glides', 'skinLine' => 'clear'], 'tail');
        self::assertSame([$this->groomer->id, null], [$this->row($waits)['groomerId'], $this->row($waits)['turn']], 'whose hand it is');
    }

    public function test_a_dog_is_given_to_nobody_who_has_left_and_no_odd_id_breaks_the_day(): void
    {
        $visit = $this->here();
        $gone = Staff::factory()->create(['active' => false]);
        foreach ([$gone->id, '01J00000000000000000000000'] as $nobody) {
            $this->send($visit, [$this->mark('turn_decided', ['groomer' => $nobody, 'next' => true])])
                ->assertOk()->assertJsonPath('marks.0.reason', 'nobody_of_that_name');
        }
        $this->send($visit, [$this->mark('turn_decided', ['groomer' => 'x'])])->assertOk()->assertJsonPath('marks.0.outcome', 'refused');
        $this->send($visit, [$this->mark('promise_given', ['promisedAt' => '2026-13-45T99:00:00Z', 'told' => 'phone'])])
            ->assertOk()->assertJsonPath('marks.0.outcome', 'refused');
        $this->getJson('/api/day')->assertOk();
    }

    public function test_an_apprentice_tells_that_a_dog_is_ready_and_promises_nothing(): void
    {
        $visit = $this->here();
        $this->signIn(Role::Apprentice);
        $this->send($visit, [$this->mark('promise_given', ['promisedAt' => '2026-06-09T14:15:00Z', 'told' => 'phone'])])
            ->assertOk()->assertJsonPath('marks.0.reason', 'needs_a_groomer');
        $this->send($visit, [$this->mark('ready_told', ['told' => 'message'])])->assertOk()->assertJsonPath('marks.0.reason', 'not_signed_yet');
    }

    private function here(string $promisedAt = '2026-06-09T13:00:00Z'): Visit
    {
        return $this->arrive(Dog::factory()->create(['coat' => 'curly', 'coat_mm' => 50, 'section_mm' => [], 'weight_kg' => 14]), ['promisedAt' => $promisedAt]);
    }

    /** @return array<string, mixed> */
    private function row(Visit $visit): array
    {
        $day = $this->getJson('/api/day')->assertOk();
        Contract::holds('get', '/api/day', $day);

        return array_column($day->json('dogs'), null, 'id')[$visit->id];
    }

    private function assertRebuildChangesNothing(): void
    {
        $before = DB::table('visits')->orderBy('id')->get();
        $this->artisan('visits:rebuild')->assertSuccessful();
        self::assertEquals($before, DB::table('visits')->orderBy('id')->get());
    }
}
