<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Appointment;
use App\Models\Dog;
use App\Models\Message;
use App\Models\StoredAct;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** The client's page of an appointment. */
final class YourTimeTest extends TestCase
{
    private Dog $dog;

    private string $id;

    private string $page;

    protected function setUp(): void
    {
        parent::setUp();
        config(['salon.timezone' => 'Europe/Berlin', 'salon.demo' => true]);
        $this->travelTo('2026-06-09 09:00:00');
        $this->signIn();
        $this->dog = Dog::factory()->create(['coat' => 'curly', 'coat_mm' => 50, 'section_mm' => []]);
        $this->dog->client->update(['language' => 'de', 'phone' => '0555 4444']);
        $this->id = (string) Str::ulid();
        $this->postJson('/api/appointments', [
            'appointmentId' => $this->id, 'dogId' => $this->dog->id, 'id' => (string) Str::ulid(), 'kind' => 'booked', 'tell' => true, 'at' => self::now(), 'device' => self::DEVICE,
            'fields' => ['service' => 'full_groom', 'startsAt' => '2026-06-11T08:00:00Z', 'promisedAt' => '2026-06-11T11:00:00Z', 'note' => 'rings from the car park'],
        ])->assertCreated();
        $this->page = '/api'.$this->getJson('/api/messages')->assertOk()->json('messages.0.url');
        // A telephone that is signed in nowhere.
        $this->app['auth']->forgetGuards();
        $this->flushSession();
    }

    public function test_the_link_of_the_message_shows_the_time_by_the_salons_clock_in_the_clients_language(): void
    {
        $page = $this->getJson($this->page)->assertOk();
        Contract::holds('get', '/api/your-time/{appointment}', $page);

        self::assertSame(['Donnerstag, 11. Juni', '10:00', '13:00', 'de', false], [$page->json('day'), $page->json('time'), $page->json('promised'), $page->json('language'), $page->json('confirmed')]);
        self::assertArrayNotHasKey('note', $page->json());
    }

    public function test_the_client_confirms_once_and_the_salon_sees_who_it_was(): void
    {
        $body = ['id' => (string) Str::ulid(), 'after' => 1, 'answer' => 'confirmed'];
        $answer = $this->postJson($this->page, $body)->assertOk();
        Contract::holds('post', '/api/your-time/{appointment}', $answer);
        $this->postJson($this->page, $body)->assertOk()->assertJsonPath('confirmed', true);

        self::assertSame([['booked', true], ['confirmed', false]], StoredAct::query()->orderBy('number')->get()->map(fn(StoredAct $act): array => [$act->kind, $act->staff_id !== null])->all());
    }

    public function test_another_time_is_asked_for_in_the_clients_words_and_the_salon_is_told(): void
    {
        $this->answer('other_time', 1, 'Freitag nach drei?')->assertOk()->assertJsonPath('asked', 'Freitag nach drei?')->assertJsonPath('state', 'booked');
        $this->signIn();
        $days = $this->getJson('/api/days?days=1')->assertOk();
        self::assertSame([[$this->id, 'Freitag nach drei?']], array_map(fn(array $row): array => [$row['id'], $row['asked']], $days->json('asks')));
    }

    public function test_cancelling_takes_the_reminder_back_and_is_told_for_two_days(): void
    {
        self::assertSame(1, Message::query()->where('kind', 'reminder')->count());
        $this->answer('cancelled', 1, 'krank')->assertOk()->assertJsonPath('state', 'cancelled')->assertJsonPath('calendar', null);
        self::assertSame(0, Message::query()->where('kind', 'reminder')->count());
        $this->answer('confirmed', 2)->assertConflict();

        $this->signIn();
        self::assertSame([$this->id], array_column($this->getJson('/api/days?days=1')->json('asks'), 'id'));
        $this->travel(3)->days();
        self::assertSame([], $this->getJson('/api/days?days=1')->json('asks'));
    }

    public function test_what_the_salon_changed_meanwhile_is_looked_at_first(): void
    {
        $this->signIn();
        $this->postJson("/api/appointments/{$this->id}/acts", [
            'id' => (string) Str::ulid(), 'kind' => 'moved', 'after' => 1, 'fields' => ['startsAt' => '2026-06-12T08:00:00Z'], 'at' => self::now(), 'device' => self::DEVICE,
        ])->assertOk();
        $this->answer('confirmed', 1)->assertConflict();
        self::assertFalse(Appointment::query()->findOrFail($this->id)->confirmed);
        $this->getJson($this->page)->assertJsonPath('day', 'Freitag, 12. Juni')->assertJsonPath('number', 2);
    }

    public function test_without_the_signature_or_after_its_day_nothing_opens(): void
    {
        $this->getJson("/api/your-time/{$this->id}")->assertForbidden();
        $this->getJson(str_replace($this->id, (string) Str::ulid(), $this->page))->assertForbidden();
        $this->travelTo('2026-06-12 09:00:00');
        $this->getJson($this->page)->assertForbidden();
        $this->answer('cancelled', 1)->assertForbidden();
    }

    public function test_odd_answers_are_refused_in_words_and_break_nothing(): void
    {
        foreach ([['answer' => 'no_show'], ['answer' => ['x']], ['answer' => 'cancelled', 'words' => str_repeat('x', 201)], ['answer' => 'confirmed', 'after' => 'one'], ['answer' => 'confirmed', 'id' => 'x']] as $odd) {
            $this->postJson($this->page, ['id' => (string) Str::ulid(), 'after' => 1, ...$odd])->assertUnprocessable();
            $this->travel(2)->minutes();
        }
        self::assertSame(1, StoredAct::query()->count());
    }

    public function test_the_appointment_is_taken_into_the_clients_calendar_at_the_right_instant(): void
    {
        $calendar = (string) $this->getJson($this->page)->json('calendar');
        $file = $this->get($calendar)->assertOk()->assertHeader('Content-Type', 'text/calendar; charset=utf-8')->getContent();

        foreach (['DTSTART:20260611T080000Z', 'DTEND:20260611T110000Z', "UID:{$this->id}@hound-check", "SUMMARY:{$this->dog->name}: "] as $line) {
            self::assertStringContainsString($line, (string) $file);
        }
        self::assertStringNotContainsString('car park', (string) $file);
        self::assertSame($file, Message::query()->where('kind', 'booked')->sole()->calendar, 'the one that a mail carries');
    }

    private function answer(string $answer, int $after, ?string $words = null): TestResponse
    {
        return $this->postJson($this->page, ['id' => (string) Str::ulid(), 'after' => $after, 'answer' => $answer, ...($words === null ? [] : ['words' => $words])]);
    }
}
