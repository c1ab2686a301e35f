<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Database\Salons;
use App\Models\Client;
use App\Models\Dog;
use App\Models\Message;
use App\Models\Staff;
use Database\Factories\StaffFactory;
use HoundCheck\Core\Marks\Role;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Symfony\Component\Process\Process;
use Tests\SalonsOfTheirOwn;
use Tests\TestCase;

/** What opens without signing in, fetched over real HTTP as a phone or a calendar does, in two salons. */
final class PublicAddressesTest extends TestCase
{
    use AWholeMorning;
    use SalonsOfTheirOwn;

    private ?Process $server = null;

    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake('local');
        $this->beginSalons('harbour');
    }

    protected function tearDown(): void
    {
        $this->server?->stop(0);
        $this->endSalons();
        parent::tearDown();
    }

    public function test_every_public_address_opens_in_its_own_salon(): void
    {
        $addresses = [];
        foreach ([Salons::MAIN => 'Kelp of the main', 'harbour' => 'Wrack of the harbour'] as $salon => $dog) {
            $this->salons()->within($salon, fn() => Staff::factory()->create(['name' => "Owner of {$salon}", 'role' => Role::Owner]));
            $this->signInAt($salon, "Owner of {$salon}");
            $this->salons()->enter($salon);
            foreach ($this->addresses($dog) as $address) {
                $addresses[$address] = $dog;
            }
        }
        $kinds = array_unique(array_map(fn(string $address): string => explode('/', $address)[str_starts_with($address, '/api/') ? 2 : 1], array_keys($addresses)));
        self::assertEqualsCanonicalizing(['answer', 'home-plan', 'visit-sheet', 'your-time', 'calendar'], $kinds);
        self::assertCount(10, $addresses);

        $base = $this->serve();
        foreach ($addresses as $address => $dog) {
            $answer = Http::timeout(20)->get($base.$address);
            self::assertSame(200, $answer->status(), $address);
            self::assertStringContainsString($dog, $answer->body(), $address);
            $elsewhere = str_contains($address, 'salon=harbour') ? str_replace('salon=harbour', 'salon=main', $address) : $address.(str_contains($address, '?') ? '&' : '?').'salon=harbour';
            self::assertContains(Http::timeout(20)->get($base.$elsewhere)->status(), [403, 404], "{$address} in the other salon");
        }
    }

    /** @return list<string> as they are written to a client, and told an owner for a calendar */
    private function addresses(string $name): array
    {
        $client = Client::factory()->create(['phone' => '0555 7777']);
        $dog = Dog::factory()->create(['name' => $name, 'client_id' => $client->id]);
        $visit = $this->wholeMorning($dog);
        $this->postJson("/api/visits/{$visit->id}/owner-plans", ['id' => (string) Str::ulid(), 'minutes' => 10, 'sessions' => 2])->assertSuccessful();
        $this->postJson("/api/visits/{$visit->id}/sheet-links", ['id' => (string) Str::ulid()])->assertSuccessful();
        $this->postJson('/api/appointments', [
            'appointmentId' => (string) Str::ulid(), 'dogId' => $dog->id, 'id' => (string) Str::ulid(), 'kind' => 'booked', 'at' => self::now(),
            'device' => self::DEVICE, 'tell' => true,
            'fields' => ['service' => 'full_groom', 'startsAt' => now()->addDays(2)->format('Y-m-d\T09:00:00\Z')],
        ])->assertSuccessful();
        $this->postJson('/api/session/password-again', ['password' => StaffFactory::PASSWORD])->assertNoContent();
        $feed = (string) $this->postJson('/api/calendars/feeds', ['person' => null])->assertCreated()->json('address');
        $written = Message::query()->whereNotNull('url')->orderBy('id')->pluck('url')->unique(fn(string $url): string => explode('/', $url)[1]);

        return [...$written->map(fn(string $url): string => "/api{$url}")->all(), (string) preg_replace('~^https?://[^/]+~', '', $feed)];
    }

    private function serve(): string
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        self::assertNotFalse($socket);
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
        fclose($socket);
        $this->server = new Process(
            [PHP_BINARY, '-S', "127.0.0.1:{$port}", base_path('vendor/laravel/framework/src/Illuminate/Foundation/resources/server.php')],
            public_path(),
            ['APP_ENV' => 'local', 'APP_KEY' => config('app.key'), 'APP_DEBUG' => 'false', 'APP_URL' => "http://127.0.0.1:{$port}", ...$this->environment()],
        );
        $this->server->start();
        for ($try = 0; $try < 100; $try++) {
            if (@fsockopen('127.0.0.1', $port) !== false) {
                return "http://127.0.0.1:{$port}";
            }
            usleep(100_000);
        }
        self::fail('No server: '.$this->server->getErrorOutput());
    }
}
