<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Appointment;
use App\Models\Dog;
use App\Models\Message;
use App\Models\Staff;
use HoundCheck\Core\Marks\Role;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

final class AppointmentTest extends TestCase
{
    private Staff $groomer;

    private Dog $dog;

    protected function setUp(): void
    {
        parent::setUp();
        config(['salon.timezone' => 'Europe/Berlin']);
        // A Tuesday, 11:00 in the salon.
        $this->travelTo('2026-06-09 09:00:00');
        $this->groomer = $this->signIn();
        $this->dog = Dog::factory()->create(['coat' => 'curly', 'coat_mm' => 50, 'section_mm' => [], 'weight_kg' => 14]);
    }

    public function test_a_booking_stands_with_what_it_will_take_and_sent_twice_it_is_one(): void
    {
        $id = (string) Str::ulid();
        $body = $this->booking($id, ['startsAt' => '2026-06-11T08:00:00Z', 'promisedAt' => '2026-06-11T12:00:00Z', 'groomer' => $this->groomer->id, 'note' => 'shorter ears']);
        $first = $this->postJson('/api/appointments', $body)->assertCreated();
        $this->postJson('/api/appointments', $body)->assertCreated();
        Contract::holds('post', '/api/appointments', $first);

        self::assertSame(1, Appointment::query()->count());
        self::assertSame(['booked', 'shorter ears', 1], [$first->json('state'), $first->json('note'), $first->json('number')]);
        self::assertSame(['inspect', 'answer', 'brush', 'bath', 'dry', 'check', 'finish'], array_column($first->json('steps'), 'step'));
        foreach ($first->json('steps') as $step) {
            self::assertTrue($step['from'] < $step['likely'] && $step['likely'] < $step['to']);
        }
        $other = [...$body, 'dogId' => Dog::factory()->create()->id];
        $this->postJson('/api/appointments', $other)->assertConflict();
    }

    public function test_who_moved_cancelled_and_brought_it_back_is_kept_and_nothing_is_overwritten(): void
    {
        $id = $this->book(['startsAt' => '2026-06-11T08:00:00Z', 'promisedAt' => '2026-06-11T12:00:00Z']);
        $this->act($id, 1, 'confirmed')->assertOk()->assertJsonPath('confirmed', true);
        $moved = $this->act($id, 2, 'moved', ['startsAt' => '2026-06-12T08:00:00Z', 'promisedAt' => null, 'groomer' => $this->groomer->id])->assertOk();
        Contract::holds('post', '/api/appointments/{appointment}/acts', $moved);
        self::assertSame([false, '2026-06-12T08:00:00.000Z', null], [$moved->json('confirmed'), $moved->json('startsAt'), $moved->json('promisedAt')]);

        $late = $this->act($id, 2, 'cancelled', ['by' => 'client', 'reason' => 'ill'])->assertConflict();
        self::assertStringContainsString($this->groomer->name, $late->json('message'));
        $cancelled = $this->act($id, 3, 'cancelled', ['by' => 'client', 'reason' => 'ill'])->assertOk();
        self::assertSame(['cancelled', ['by' => 'client', 'reason' => 'ill']], [$cancelled->json('state'), $cancelled->json('cancelled')]);
        $this->act($id, 4, 'confirmed')->assertConflict();

        $back = $this->act($id, 4, 'withdrawn', ['act' => $cancelled->json('undoable')])->assertOk();
        self::assertSame(['booked', '2026-06-12T08:00:00.000Z', null], [$back->json('state'), $back->json('startsAt'), $back->json('cancelled')]);
        self::assertSame(['booked', 'confirmed', 'moved', 'cancelled', 'withdrawn'], array_column($back->json('acts'), 'kind'));
        self::assertSame([$this->groomer->name], array_unique(array_column($back->json('acts'), 'by')));

        $before = DB::table('appointments')->get();
        $this->artisan('visits:rebuild')->assertSuccessful();
        self::assertEquals($before, DB::table('appointments')->get());
    }

    public function test_a_client_is_told_only_when_somebody_says_so_in_their_language_and_reminded_the_day_before(): void
    {
        config(['salon.name' => 'Kittiwake Lane']);
        $this->dog->client->update(['language' => 'de', 'phone' => '0555 4444']);
        $quiet = $this->book(['startsAt' => '2026-06-11T15:00:00Z']);
        self::assertSame(0, Message::query()->count());

        $id = $this->book(['startsAt' => '2026-06-11T08:00:00Z', 'promisedAt' => '2026-06-11T12:00:00Z'], ['tell' => true]);
        [$now, $later] = Message::query()->orderBy('id')->get()->all();
        self::assertStringContainsString('kann am Donnerstag, 11. Juni um 10:00 kommen', $now->text);
        self::assertStringContainsString('um 14:00 ab;', $now->text);
        self::assertStringContainsString('nicht über Knoten.', $now->text);
        self::assertSame([null, '0555 4444'], [$now->due_at, $now->to_phone]);
        self::assertSame('2026-06-10 08:00:00', $later->due_at?->format('Y-m-d H:i:s'), 'ten in the salon, the day before');

        $this->act($id, 1, 'moved', ['startsAt' => '2026-06-15T08:00:00Z'])->assertOk();
        $reminders = Message::query()->whereNotNull('due_at')->get();
        self::assertSame(['2026-06-14 08:00:00'], $reminders->map(fn(Message $one): ?string => $one->due_at?->format('Y-m-d H:i:s'))->all());
        self::assertStringNotContainsString('abholen', $reminders[0]->text, 'nothing is promised any more');
        self::assertSame(1, Message::query()->whereNull('due_at')->count(), 'nobody said that the client is told of the move');

        $cancelled = ['id' => (string) Str::ulid(), 'kind' => 'cancelled', 'fields' => ['by' => 'salon', 'reason' => 'ill'], 'after' => 2, 'tell' => true, 'at' => self::now(), 'device' => self::DEVICE];
        $this->postJson("/api/appointments/{$id}/acts", $cancelled)->assertOk();
        $this->postJson("/api/appointments/{$id}/acts", $cancelled)->assertOk();
        self::assertSame(2, Message::query()->count(), 'sent twice, told once; the reminder is gone');
        self::assertStringContainsString('abgesagt', Message::query()->orderByDesc('id')->firstOrFail()->text);
        self::assertCount(2, $this->getJson("/api/clients/{$this->dog->client_id}")->json('messages'));
        self::assertSame(0, Message::query()->where('appointment_id', $quiet)->count());
    }

    public function test_what_would_be_told_is_shown_before_it_is(): void
    {
        $this->dog->client->update(['language' => 'en']);
        $try = fn(string $more): string => $this->getJson("/api/days/2026-06-11/try?dogId={$this->dog->id}&service=full_groom&startsAt=2026-06-11T08:00:00Z{$more}")->assertOk()->json('message');

        self::assertStringContainsString('can come on Thursday, 11 June at 10:00', $try(''));
        self::assertStringContainsString('at 15:30;', $try('&promisedAt=2026-06-11T13:30:00Z'));
        $id = $this->book(['startsAt' => '2026-06-12T08:00:00Z']);
        self::assertStringContainsString('has a new time: Thursday, 11 June at 10:00', $try("&moving={$id}"));
        self::assertStringNotContainsString('fetch', $try("&moving={$id}"));
        self::assertSame(0, Message::query()->count());
    }

    public function test_a_reminder_goes_when_the_dog_has_come_and_none_is_made_for_tomorrow_morning(): void
    {
        $id = $this->book(['startsAt' => '2026-06-09T09:10:00Z'], ['tell' => true]);
        self::assertSame(1, Message::query()->count(), 'the day before is over');
        $next = $this->book(['startsAt' => '2026-06-12T09:10:00Z'], ['tell' => true]);
        $this->travelTo('2026-06-12 09:00:00');
        $this->arrive($this->dog);

        self::assertSame(0, Message::query()->where('due_at', '>', now())->count());
        self::assertSame(['booked', 'arrived'], [$this->getJson("/api/appointments/{$id}")->json('state'), $this->getJson("/api/appointments/{$next}")->json('state')]);
    }

    public function test_a_dog_that_comes_in_has_come_for_its_appointment_and_its_promise_stands(): void
    {
        $id = $this->book(['startsAt' => '2026-06-09T09:10:00Z', 'promisedAt' => '2026-06-09T14:00:00Z']);
        $tomorrow = $this->book(['startsAt' => '2026-06-10T08:30:00Z']);
        $visit = $this->arrive($this->dog);

        $appointment = $this->getJson("/api/appointments/{$id}")->assertOk();
        Contract::holds('get', '/api/appointments/{appointment}', $appointment);
        self::assertSame(['arrived', $visit->id], [$appointment->json('state'), $appointment->json('visitId')]);
        self::assertSame('2026-06-09 14:00:00', $visit->promised_at?->format('Y-m-d H:i:s'));
        self::assertSame('booked', $this->getJson("/api/appointments/{$tomorrow}")->json('state'));
        $this->act($id, 2, 'cancelled', ['by' => 'salon', 'reason' => 'late'])->assertConflict();
    }

    public function test_a_dog_that_comes_the_day_before_leaves_the_next_days_appointment_alone(): void
    {
        $tomorrow = $this->book(['startsAt' => '2026-06-10T08:30:00Z', 'promisedAt' => '2026-06-10T12:00:00Z']);

        $visit = $this->arrive($this->dog);

        self::assertNull($visit->promised_at);
        self::assertSame('booked', $this->getJson("/api/appointments/{$tomorrow}")->json('state'));
    }

    public function test_a_dog_that_was_given_up_as_not_coming_and_comes_after_all_has_come(): void
    {
        $id = $this->book(['startsAt' => '2026-06-09T09:10:00Z']);
        $this->act($id, 1, 'no_show')->assertConflict();
        $this->travelTo('2026-06-09 09:30:00');
        $this->act($id, 1, 'no_show')->assertOk()->assertJsonPath('state', 'no_show');
        $this->travelTo('2026-06-09 09:50:00');
        $this->arrive($this->dog);

        self::assertSame('arrived', $this->getJson("/api/appointments/{$id}")->json('state'));
    }

    public function test_a_walk_in_needs_no_appointment_and_another_dogs_stays_as_it_is(): void
    {
        $id = $this->book(['startsAt' => '2026-06-09T10:00:00Z']);
        $this->arrive(Dog::factory()->create());

        self::assertSame('booked', $this->getJson("/api/appointments/{$id}")->json('state'));
    }

    public function test_without_a_time_it_waits_and_gets_one_later(): void
    {
        $id = $this->book([]);
        self::assertSame([$id], array_column($this->getJson('/api/days')->json('waiting'), 'id'));
        $this->act($id, 1, 'no_show')->assertConflict();
        $this->act($id, 1, 'moved', ['startsAt' => '2026-06-11T08:00:00Z'])->assertOk()->assertJsonPath('state', 'booked');

        self::assertSame([], $this->getJson('/api/days')->json('waiting'));
    }

    public function test_a_bad_booking_says_what_to_do_field_by_field(): void
    {
        $wrong = $this->postJson('/api/appointments', $this->booking((string) Str::ulid(), [
            'startsAt' => '2026-06-08T08:00:00Z', 'service' => 'perm', 'groomer' => 'nobody', 'note' => str_repeat('x', 501),
        ]))->assertStatus(422);
        self::assertSame(['fields.service', 'fields.groomer', 'fields.note'], array_keys($wrong->json('fields')));
        $past = $this->postJson('/api/appointments', $this->booking((string) Str::ulid(), ['startsAt' => '2026-06-08T08:00:00Z']))->assertStatus(422);
        self::assertSame(['This time is over. Choose one that is still to come.'], $past->json('fields')['fields.startsAt']);
        $this->postJson('/api/appointments', $this->booking((string) Str::ulid(), [
            'startsAt' => '2026-06-11T08:00:00Z', 'promisedAt' => '2026-06-11T08:00:00Z',
        ]))->assertConflict();
        self::assertSame(0, Appointment::query()->count());
    }

    public function test_without_signing_in_nobody_sees_or_books(): void
    {
        $id = $this->book(['startsAt' => '2026-06-11T08:00:00Z']);
        auth()->logout();
        $this->flushSession();

        $this->getJson("/api/appointments/{$id}")->assertUnauthorized();
        $this->getJson('/api/days')->assertUnauthorized();
        $this->postJson('/api/appointments', $this->booking((string) Str::ulid(), []))->assertUnauthorized();
    }

    public function test_only_the_owner_keeps_the_hours_and_two_do_not_overwrite_each_other(): void
    {
        $roster = $this->getJson('/api/roster')->assertOk();
        Contract::holds('get', '/api/roster', $roster);
        $hours = fn(int $from, string $version): array => [
            'version' => $version,
            'people' => [['id' => $this->groomer->id, 'hours' => [['weekday' => 4, 'from' => $from, 'until' => 960]]]],
            'daysOff' => [['person' => null, 'from' => '2026-06-15', 'until' => '2026-06-16', 'reason' => 'Harbour feast']],
        ];
        $this->putJson('/api/roster', $hours(600, $roster->json('version')))->assertForbidden();

        $this->signIn(Role::Owner);
        $version = $this->getJson('/api/roster')->json('version');
        $saved = $this->putJson('/api/roster', $hours(600, $version))->assertOk();
        Contract::holds('put', '/api/roster', $saved);
        $this->putJson('/api/roster', $hours(660, $version))->assertConflict();
        self::assertSame([['weekday' => 4, 'from' => 600, 'until' => 960]], collect($saved->json('people'))->firstWhere('id', $this->groomer->id)['hours']);
        $this->putJson('/api/roster', $hours(970, $saved->json('version')))->assertStatus(422);
    }

    /** @param array<string, mixed> $fields */
    public function test_a_dog_is_booked_once_for_one_time_and_promised_for_that_day(): void
    {
        $id = $this->book(['startsAt' => '2026-06-12T09:00:00Z']);
        foreach (['2026-06-12T09:00:00Z', '2026-06-12T09:30:00Z', '2026-06-12T08:01:00Z'] as $again) {
            $this->postJson('/api/appointments', $this->booking((string) Str::ulid(), ['startsAt' => $again]))
                ->assertConflict()->assertJsonPath('message', 'This dog is booked for that time already. Open that appointment, or choose another time.');
        }
        $other = $this->book(['startsAt' => '2026-06-12T14:00:00Z']);
        $this->act($other, 1, 'moved', ['startsAt' => '2026-06-12T09:10:00Z'])->assertConflict();
        $this->act($id, 1, 'moved', ['startsAt' => '2026-06-12T09:10:00Z'])->assertOk();
        $this->act($id, 2, 'cancelled', ['by' => 'salon', 'reason' => 'x'])->assertOk();
        $this->act($other, 1, 'moved', ['startsAt' => '2026-06-12T09:10:00Z'])->assertOk();

        $far = $this->booking((string) Str::ulid(), ['startsAt' => '2026-06-15T09:00:00Z', 'promisedAt' => '2027-04-11T09:00:00Z']);
        $this->postJson('/api/appointments', $far)->assertConflict()
            ->assertJsonPath('message', 'That is more than a day and a half after the dog comes. Promise a time of that day, or of the next.');
    }

    private function book(array $fields, array $more = []): string
    {
        $id = (string) Str::ulid();
        $this->postJson('/api/appointments', [...$this->booking($id, $fields), ...$more])->assertCreated();

        return $id;
    }

    /**
     * @param array<string, mixed> $fields
     *
     * @return array<string, mixed>
     */
    private function booking(string $id, array $fields): array
    {
        return [
            'appointmentId' => $id,
            'dogId' => $this->dog->id,
            'id' => (string) Str::ulid(),
            'kind' => 'booked',
            'at' => self::now(),
            'device' => self::DEVICE,
            'fields' => ['service' => 'full_groom', ...$fields],
        ];
    }

    /** @param array<string, mixed> $fields */
    private function act(string $id, int $after, string $kind, array $fields = []): TestResponse
    {
        return $this->postJson("/api/appointments/{$id}/acts", [
            'id' => (string) Str::ulid(), 'kind' => $kind, 'fields' => $fields, 'after' => $after, 'at' => self::now(), 'device' => self::DEVICE,
        ]);
    }
}
