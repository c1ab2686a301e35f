<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Dog;
use App\Models\Staff;
use App\Schedule\Roster;
use HoundCheck\Core\Marks\Role;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Reader;
use Tests\TestCase;

/** Appointments in other calendars, and other calendars in the days. */
final class CalendarTest extends TestCase
{
    private Staff $owner;

    protected function setUp(): void
    {
        parent::setUp();
        config(['salon.timezone' => 'Europe/Berlin', 'salon.name' => 'Kittiwake Lane', 'salon.language' => 'en']);
        // A Monday, 11:00 in the salon, a week before the clocks go back.
        $this->travelTo('2026-10-19 09:00:00');
        $this->owner = $this->signIn(Role::Owner);
    }

    public function test_a_secret_address_shows_the_appointments_and_nothing_of_the_clients(): void
    {
        $before = $this->book('2026-10-24T08:00:00Z', '2026-10-24T11:00:00Z', $this->owner->id);
        $after = $this->book('2026-10-26T09:00:00Z', null, null);
        $dog = Dog::query()->first();
        $address = $this->open(null);
        $this->signOut();
        $events = $this->events($address);

        self::assertSame([$before, $after], array_map(fn($event): string => strtok((string) $event->UID, '@'), $events));
        // Ten in the salon on both sides of the change.
        self::assertSame(['20261024T080000Z', '20261026T090000Z'], array_map(fn($event): string => (string) $event->DTSTART, $events));
        self::assertSame(['10:00', '10:00'], array_map(fn($event): string => $event->DTSTART->getDateTime()->setTimezone(new \DateTimeZone('Europe/Berlin'))->format('H:i'), $events));
        self::assertSame('20261024T110000Z', (string) $events[0]->DTEND, 'until it is promised');
        self::assertGreaterThan('20261026T100000Z', (string) $events[1]->DTEND, 'as long as it is expected to take');
        $file = (string) $this->get($address)->getContent();
        self::assertStringNotContainsString($dog->client->name, $file);
        self::assertStringNotContainsString((string) $dog->client->phone, $file);
        self::assertStringNotContainsString('car park', $file);
    }

    public function test_a_groomers_address_shows_theirs_and_what_was_cancelled_is_taken_out(): void
    {
        $teo = Staff::factory()->create();
        $his = $this->book('2026-10-24T08:00:00Z', null, $teo->id);
        $this->book('2026-10-24T08:00:00Z', null, $this->owner->id);
        $address = $this->open($teo->id);
        $first = $this->events($address);
        self::assertCount(1, $first);
        $this->postJson("/api/appointments/{$his}/acts", ['id' => (string) Str::ulid(), 'kind' => 'cancelled', 'after' => 1, 'fields' => ['by' => 'client', 'reason' => 'ill'], 'at' => self::now(), 'device' => self::DEVICE])->assertOk();

        $then = $this->events($address);
        self::assertSame(['CANCELLED', '2'], [(string) $then[0]->STATUS, (string) $then[0]->SEQUENCE]);
        $teo->update(['active' => false]);
        $this->get($address)->assertNotFound();
    }

    public function test_an_address_that_was_shut_or_guessed_opens_nothing_and_the_secret_is_not_kept(): void
    {
        $address = $this->open(null);
        $this->get($address)->assertOk()->assertHeaderMissing('Set-Cookie');
        $list = $this->getJson('/api/calendars')->assertOk();
        Contract::holds('get', '/api/calendars', $list);
        self::assertNotNull($list->json('feeds.0.readAt'));
        preg_match('~calendar/(\w+)\.ics~', $address, $secret);
        self::assertStringNotContainsString($secret[1], (string) json_encode(DB::table('calendar_feeds')->get()));

        $this->deleteJson("/api/calendars/feeds/{$list->json('feeds.0.id')}")->assertNoContent();
        $this->get($address)->assertNotFound();
        $this->get(str_replace($secret[1], Str::random(40), $address))->assertNotFound();
        self::assertSame([], $this->getJson('/api/calendars')->json('feeds'));
    }

    public function test_only_owners_open_addresses_and_read_calendars(): void
    {
        $this->signIn(Role::Groomer);
        $this->getJson('/api/calendars')->assertForbidden();
        $this->postJson('/api/calendars/feeds', ['person' => null])->assertForbidden();
        $this->postJson('/api/calendars/files', ['person' => $this->owner->id, 'fileName' => 'x.ics', 'text' => self::calendar(''), 'keep' => true])->assertForbidden();
    }

    public function test_busy_times_are_shown_before_they_are_kept_and_then_the_days_go_round_them(): void
    {
        $text = self::calendar(
            // Every Tuesday half past one for an hour by the wall's clock: over the change of summer time too.
            "BEGIN:VEVENT\r\nUID:a\r\nDTSTAMP:20260101T000000Z\r\nDTSTART;TZID=Europe/Berlin:20261020T133000\r\nDURATION:PT1H\r\nRRULE:FREQ=WEEKLY;COUNT=3\r\nEND:VEVENT\r\n"
            ."BEGIN:VEVENT\r\nUID:b\r\nDTSTAMP:20260101T000000Z\r\nDTSTART:20261020T140000\r\nDTEND:20261020T153000\r\nEND:VEVENT\r\n"
            ."BEGIN:VEVENT\r\nUID:c\r\nDTSTAMP:20260101T000000Z\r\nDTSTART;VALUE=DATE:20261023\r\nEND:VEVENT\r\n"
            ."BEGIN:VEVENT\r\nUID:d\r\nDTSTAMP:20260101T000000Z\r\nDTSTART:20261021T080000Z\r\nDTEND:20261021T090000Z\r\nTRANSP:TRANSPARENT\r\nEND:VEVENT\r\n"
            ."BEGIN:VEVENT\r\nUID:e\r\nDTSTAMP:20260101T000000Z\r\nDTSTART:20261022T080000Z\r\nDTEND:20261022T090000Z\r\nSTATUS:CANCELLED\r\nEND:VEVENT\r\n"
            ."BEGIN:VEVENT\r\nUID:f\r\nDTSTAMP:20260101T000000Z\r\nDTSTART:20250101T080000Z\r\nDTEND:20250101T090000Z\r\nEND:VEVENT\r\n",
        );
        $read = $this->read($text, false)->assertOk();
        Contract::holds('post', '/api/calendars/files', $read);
        self::assertSame(4, $read->json('count'));
        self::assertSame(['from' => '2026-10-20T11:30:00.000Z', 'until' => '2026-10-20T13:30:00.000Z'], $read->json('times.0'), 'two that overlap are one; half past one to half past three');
        self::assertSame([], $this->breaks('2026-10-20'), 'only read');

        $kept = $this->read($text, true)->assertCreated();
        Contract::holds('post', '/api/calendars/files', $kept);
        self::assertEquals([[810.0, 930.0]], $this->breaks('2026-10-20'));
        self::assertEquals([[810.0, 870.0]], $this->breaks('2026-10-27'), 'half past one after the change too');
        self::assertEquals([[0.0, 1440.0]], $this->breaks('2026-10-23'), 'a whole day');
        self::assertSame([], $this->breaks('2026-10-21'));

        $this->read(self::calendar("BEGIN:VEVENT\r\nUID:z\r\nDTSTAMP:20260101T000000Z\r\nDTSTART:20261028T080000Z\r\nDTEND:20261028T090000Z\r\nEND:VEVENT\r\n"), true)->assertCreated();
        self::assertSame([], $this->breaks('2026-10-20'), 'the next file takes its place');
        $import = $this->getJson('/api/calendars')->json('imports.0');
        self::assertSame([1, 'own.ics'], [$import['times'], $import['fileName']]);
        $this->deleteJson("/api/calendars/files/{$import['id']}")->assertNoContent();
        self::assertSame([], $this->breaks('2026-10-28'));
        self::assertSame(2, DB::table('calendar_imports')->count(), 'what was read stays on record');
    }

    public function test_a_promise_is_later_where_the_groomer_is_away_in_between(): void
    {
        $visit = $this->arrive(Dog::factory()->create(['coat' => 'curly', 'coat_mm' => 50, 'section_mm' => []]));
        $likely = fn(): ?string => array_column($this->getJson('/api/day/forecast')->assertOk()->json('ready'), 'likely', 'dog')[$visit->id];
        $before = $likely();
        $this->read(self::calendar("BEGIN:VEVENT\r\nUID:z\r\nDTSTAMP:20260101T000000Z\r\nDTSTART:20261019T090500Z\r\nDTEND:20261019T120000Z\r\nEND:VEVENT\r\n"), true)->assertCreated();

        self::assertGreaterThan($before, $likely());
    }

    #[DataProvider('unreadable')]
    public function test_a_file_that_tells_no_times_says_what_to_do(string $text, string $says): void
    {
        $answer = $this->read($text, true)->assertUnprocessable();
        self::assertStringContainsString($says, $answer->json('fields.text.0'));
        self::assertSame(0, DB::table('calendar_imports')->count());
    }

    /** @return iterable<string, array{string, string}> */
    public static function unreadable(): iterable
    {
        yield 'no calendar' => ['name;telephone', '.ics'];
        yield 'a card' => ["BEGIN:VCARD\r\nVERSION:3.0\r\nFN:x\r\nEND:VCARD\r\n", '.ics'];
        yield 'nothing in it' => [self::calendar(''), 'no time'];
        yield 'a rule that never ends where it must' => [self::calendar("BEGIN:VEVENT\r\nUID:a\r\nDTSTAMP:20260101T000000Z\r\nDTSTART:20261020T080000Z\r\nDURATION:PT1M\r\nRRULE:FREQ=MINUTELY\r\nEND:VEVENT\r\n"), '.ics'];
        yield 'a day that is none' => [self::calendar("BEGIN:VEVENT\r\nUID:a\r\nDTSTAMP:20260101T000000Z\r\nDTSTART:20269999T080000Z\r\nEND:VEVENT\r\n"), '.ics'];
        yield 'too long' => [str_repeat('x', 1_000_001), '1 MB'];
    }

    private static function calendar(string $events): string
    {
        return "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//x//y//EN\r\n{$events}END:VCALENDAR\r\n";
    }

    private function read(string $text, bool $keep): \Illuminate\Testing\TestResponse
    {
        return $this->postJson('/api/calendars/files', ['person' => $this->owner->id, 'fileName' => 'own.ics', 'text' => $text, 'keep' => $keep]);
    }

    /** @return list<array{float, float}> */
    private function breaks(string $day): array
    {
        return Roster::of($day, $day)->on($day)[0]->breaks;
    }

    private function open(?string $person): string
    {
        $answer = $this->postJson('/api/calendars/feeds', ['person' => $person])->assertCreated();
        Contract::holds('post', '/api/calendars/feeds', $answer);

        return $answer->json('address');
    }

    private function signOut(): void
    {
        $this->app['auth']->forgetGuards();
        $this->flushSession();
    }

    /** @return list<\Sabre\VObject\Component> */
    private function events(string $address): array
    {
        $calendar = Reader::read((string) $this->get($address)->assertOk()->getContent());
        self::assertInstanceOf(VCalendar::class, $calendar);
        self::assertSame([], array_filter($calendar->validate(), fn(array $problem): bool => $problem['level'] > 2));

        return array_values($calendar->select('VEVENT'));
    }

    private function book(string $startsAt, ?string $promisedAt, ?string $groomer): string
    {
        $id = (string) Str::ulid();
        $dog = Dog::factory()->create(['coat' => 'curly', 'coat_mm' => 50, 'section_mm' => []]);
        $this->postJson('/api/appointments', [
            'appointmentId' => $id, 'dogId' => $dog->id, 'id' => (string) Str::ulid(), 'kind' => 'booked', 'at' => self::now(), 'device' => self::DEVICE,
            'fields' => ['service' => 'full_groom', 'startsAt' => $startsAt, 'promisedAt' => $promisedAt, 'groomer' => $groomer, 'note' => 'rings from the car park'],
        ])->assertCreated();

        return $id;
    }
}
