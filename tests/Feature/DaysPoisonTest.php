<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Appointment;
use App\Models\Dog;
use App\Models\StoredAct;
use HoundCheck\Core\Marks\Role;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** What is no booking, no hour and no day is refused in plain words, and breaks no list. */
final class DaysPoisonTest extends TestCase
{
    private Dog $dog;

    private string $appointment;

    protected function setUp(): void
    {
        parent::setUp();
        RateLimiter::for('writes', fn(): Limit => Limit::none());
        $this->travelTo('2026-06-09 08:00:00');
        $this->signIn(Role::Owner);
        $this->dog = Dog::factory()->create();
        $this->appointment = (string) Str::ulid();
        $this->postJson('/api/appointments', [
            ...$this->sent('booked', ['service' => 'full_groom', 'startsAt' => '2026-06-11T08:00:00Z']),
            'appointmentId' => $this->appointment,
            'dogId' => $this->dog->id,
        ])->assertCreated();
    }

    #[DataProvider('odd')]
    public function test_no_odd_value_breaks_a_booking_an_act_or_the_days(mixed $odd): void
    {
        foreach (['appointmentId', 'dogId', 'id', 'kind', 'at', 'sentAt', 'device', 'fields'] as $field) {
            $this->isAnswered('POST', '/api/appointments', [
                ...$this->sent('booked', ['service' => 'full_groom']),
                'appointmentId' => (string) Str::ulid(),
                'dogId' => $this->dog->id,
                $field => $odd,
            ]);
        }
        foreach (['booked', 'moved', 'changed', 'cancelled', 'no_show', 'confirmed', 'other_time_asked', 'withdrawn'] as $kind) {
            foreach (['service', 'startsAt', 'promisedAt', 'groomer', 'note', 'words', 'by', 'reason', 'act'] as $field) {
                $fields = ['service' => 'full_groom', 'by' => 'client', 'reason' => 'x', 'act' => (string) Str::ulid(), $field => $odd];
                $number = Appointment::query()->findOrFail($this->appointment)->last_number;
                $this->isAnswered('POST', "/api/appointments/{$this->appointment}/acts", [...$this->sent($kind, $fields), 'after' => $number]);
            }
        }

        $this->getJson('/api/days?days=14')->assertOk();
        $this->getJson("/api/appointments/{$this->appointment}")->assertOk();
        $this->artisan('visits:rebuild')->assertSuccessful();
        self::assertSame(Appointment::query()->sum('last_number'), StoredAct::query()->count());
    }

    #[DataProvider('odd')]
    public function test_no_odd_value_breaks_the_hours(mixed $odd): void
    {
        $version = $this->getJson('/api/roster')->json('version');
        foreach (['version', 'people', 'daysOff'] as $field) {
            $this->isAnswered('PUT', '/api/roster', ['version' => $version, 'people' => [], 'daysOff' => [], $field => $odd]);
        }
        foreach (['weekday', 'from', 'until'] as $field) {
            $hours = ['weekday' => 1, 'from' => 540, 'until' => 600, $field => $odd];
            $this->isAnswered('PUT', '/api/roster', ['version' => $version, 'people' => [['id' => auth()->id(), 'hours' => [$hours]]], 'daysOff' => []]);
        }
        foreach (['person', 'from', 'until', 'reason'] as $field) {
            $off = ['person' => null, 'from' => '2026-06-10', 'until' => '2026-06-11', 'reason' => 'away', $field => $odd];
            $this->isAnswered('PUT', '/api/roster', ['version' => $version, 'people' => [], 'daysOff' => [$off]]);
        }

        $this->getJson('/api/roster')->assertOk();
        $this->getJson('/api/days?days=14')->assertOk();
    }

    #[DataProvider('odd')]
    public function test_no_odd_value_breaks_a_question(mixed $odd): void
    {
        $said = rawurlencode(is_string($odd) ? $odd : (string) json_encode($odd));
        foreach ([
            "/api/day/forecast?date={$said}",
            "/api/day/advice?date={$said}",
            "/api/days?date={$said}",
            "/api/days?days={$said}",
            "/api/days?date[]={$said}",
            "/api/days/2026-06-10/times?dogId={$said}&service={$said}",
            "/api/days/2026-06-10/try?dogId={$this->dog->id}&service=full_groom&startsAt={$said}&promisedAt={$said}&groomer={$said}&moving={$said}",
            "/api/days/2026-06-10/try?dogId={$this->dog->id}&service=full_groom&startsAt=2026-06-10T08:00:00Z&promisedAt={$said}",
            // A time of another day than the one that is tried.
            "/api/days/2026-06-10/try?dogId={$this->dog->id}&service=full_groom&startsAt=2099-06-10T08:00:00Z",
        ] as $address) {
            $this->isAnswered('GET', $address);
        }
    }

    /** @return iterable<string, array{mixed}> */
    public static function odd(): iterable
    {
        foreach ([
            'nothing' => null,
            'empty' => '',
            'zero' => 0,
            'negative' => -1,
            'huge' => 1e99,
            'a fraction' => 0.5,
            'yes' => true,
            'a list' => [],
            'a list of lists' => [[]],
            'an object' => ['a' => 1],
            'a time in a list' => ['2026-06-01T00:00:00Z'],
            'long' => str_repeat('x', 10_000),
            'the year 9999' => '9999-12-31T00:00:00Z',
            'the last day' => '9999-12-31',
            'the first day' => '0001-01-01',
            'no month' => '2026-13-45',
            'a control character' => "\u{0}",
            'a day' => '2026-06-20',
            'a time' => '2026-06-20T08:00:00Z',
            'a time without a zone' => '2026-06-20 08:00',
        ] as $name => $value) {
            yield $name => [$value];
        }
    }

    /**
     * @param array<string, mixed> $fields
     *
     * @return array<string, mixed>
     */
    private function sent(string $kind, array $fields): array
    {
        return ['id' => (string) Str::ulid(), 'kind' => $kind, 'at' => self::now(), 'device' => self::DEVICE, 'fields' => $fields];
    }

    /** @param array<string, mixed> $body */
    private function isAnswered(string $method, string $address, array $body = []): void
    {
        $answer = $this->json($method, $address, $body);
        self::assertLessThan(500, $answer->getStatusCode(), "{$method} {$address} ".substr((string) json_encode($body), 0, 300));
        if ($answer->getStatusCode() >= 400) {
            self::assertNotSame('', (string) $answer->json('message'));
        }
    }
}
