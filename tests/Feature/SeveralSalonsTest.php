<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Database\Places;
use App\Database\Salons;
use App\Models\Client;
use App\Models\Dog;
use App\Models\HouseRulesVersion;
use App\Models\Staff;
use App\Models\Visit;
use App\Salon\Health;
use App\Salon\IncomingFiles;
use App\Schedule\CalendarDesk;
use Database\Factories\StaffFactory;
use HoundCheck\Core\Marks\Role;
use Illuminate\Config\Repository;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Process;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Tests\SalonsOfTheirOwn;
use Tests\TestCase;
use ZipArchive;

/** Two salons in one installation: whatever is asked in the one, nothing of the other is told or touched. */
final class SeveralSalonsTest extends TestCase
{
    use AWholeMorning;
    use SalonsOfTheirOwn;

    private const WORD = 'Marigold-of-the-north-pier';

    /** @var array<string, string> of the first salon, by parameter of a route */
    private array $ids = [];

    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake('local');
        $this->beginSalons('harbour');
        $this->ids = $this->fillTheFirst();
        $this->salons()->within('harbour', fn() => Staff::factory()->create(['name' => 'Teo', 'role' => Role::Owner]));
    }

    protected function tearDown(): void
    {
        $this->endSalons();
        parent::tearDown();
    }

    public function test_a_stranger_who_knows_every_id_is_told_nothing_and_changes_nothing_by_any_route(): void
    {
        $this->signInAt('harbour', 'Teo');
        $before = $this->everythingOfTheFirst();
        $found = 0;
        foreach ($this->walk() as [$method, $address, $hasId]) {
            $answer = $this->ask($method, $address);
            $text = self::textOf($answer);
            self::assertStringNotContainsString(self::WORD, $text, "{$method} {$address}");
            foreach ($this->ids as $id) {
                self::assertStringNotContainsString($id, str_replace($address, '', $text), "{$method} {$address}");
            }
            // What is already as it was asked to be is not told apart: 204, and nothing done.
            $hasId ? self::assertContains($answer->getStatusCode(), $method === 'GET' ? [403, 404] : [204, 403, 404, 409, 422], "{$method} {$address}") : $found++;
        }
        self::assertGreaterThan(30, $found);
        self::assertSame($before, $this->everythingOfTheFirst());
    }

    public function test_the_same_walk_by_the_owner_finds_it_so_that_the_stranger_s_would_have_shown_it(): void
    {
        $this->signInAt(Salons::MAIN, 'Imke');
        $tells = [];
        foreach ($this->walk() as [$method, $address]) {
            if ($method === 'GET') {
                $text = self::textOf($this->ask($method, $address));
                $tells[$address] = str_contains($text, self::WORD);
            }
        }
        self::assertGreaterThan(18, count(array_filter($tells)), implode("\n", array_keys(array_filter($tells))));
    }

    public function test_people_rules_prices_hours_and_pictures_are_each_salons_own(): void
    {
        $this->signInAt('harbour', 'Teo');
        $version = $this->getJson('/api/house-rules')->assertOk()->json('version');
        $this->postJson('/api/house-rules', ['base' => $version, 'changes' => ['effort.layerMm' => 12], 'note' => null])->assertSuccessful();
        $this->putJson('/api/salon', ['base' => 0, 'salon' => [...$this->getJson('/api/salon')->json('salon'), 'name' => 'Harbour Dogs', 'timeZone' => 'Asia/Tokyo', 'currency' => 'JPY']])->assertSuccessful();
        $dog = $this->aDog('Kelp');
        $photo = $this->photo($this->arrive($dog), 201);
        Storage::disk('local')->assertExists('salons/harbour/photos/'.substr($photo, 0, 3)."/{$photo}-full.jpg");
        self::assertSame(['Asia/Tokyo', 'JPY', 'Harbour Dogs'], [config('salon.timezone'), config('salon.currency'), config('salon.name')]);
        self::assertSame(['main' => 'Kittiwake Lane Dog Grooming', 'harbour' => 'Harbour Dogs'], $this->salons()->all());

        $this->signInAt(Salons::MAIN, 'Imke');
        $this->getJson('/api/session')->assertJsonPath('salon.currency', 'EUR')->assertJsonPath('salon.timezone', 'UTC');
        self::assertSame(1, HouseRulesVersion::current()->version);
        self::assertSame(0, Dog::query()->where('name', 'Kelp')->count());
        $this->getJson("/api/photos/{$photo}/full")->assertNotFound();
    }

    public function test_a_file_that_was_brought_waits_for_those_of_that_salon(): void
    {
        $waits = fn(): bool => app(IncomingFiles::class)->path($this->ids['import']) !== null;

        self::assertTrue($waits());
        self::assertFalse($this->salons()->within('harbour', $waits));
    }

    public function test_one_signs_in_where_one_works_and_stays_there_whatever_is_asked_for(): void
    {
        $this->asNewDevice();
        $shown = $this->getJson('/api/session')->assertJsonPath('salon.id', 'main')->json('salons');
        self::assertSame(['main', 'harbour'], array_column($shown, 'id'));
        $this->postJson('/api/session', ['name' => 'Teo', 'password' => StaffFactory::PASSWORD])->assertStatus(422);

        $chosen = $this->getJson('/api/session?salon=harbour')->assertJsonPath('salon.id', 'harbour');
        $chosen->assertCookie('hound_check_salon', 'harbour');
        $this->signInAt('harbour', 'Teo');
        $this->getJson('/api/session?salon=main')->assertJsonPath('salon.id', 'harbour')->assertJsonPath('staff.name', 'Teo');
        $this->getJson("/api/dogs/{$this->ids['dog']}?salon=main")->assertNotFound();
        $this->withCookie('hound_check_salon', 'main')->getJson('/api/session')->assertJsonPath('salon.id', 'harbour');

        $this->asNewDevice();
        $this->withCredentials()->withCookie('hound_check_salon', 'gone')->getJson('/api/session')->assertOk()->assertJsonPath('salon.id', 'main');
    }

    public function test_a_client_s_page_is_their_salon_s_wherever_it_is_opened_and_nobody_is_signed_out_by_it(): void
    {
        $this->signInAt('harbour', 'Teo');
        $visit = $this->wholeMorning($this->aDog('Kelp'));
        $address = '/api'.DB::table('messages')->orderBy('id')->value('url');
        self::assertStringContainsString('salon=harbour', $address);
        // The link is open for as long as the dog is there.
        $this->travel(-2)->days();

        $this->signInAt(Salons::MAIN, 'Imke');
        $this->getJson($address)->assertOk()->assertSee('Kelp');
        $this->getJson('/api/session')->assertJsonPath('staff.name', 'Imke')->assertJsonPath('salon.id', 'main');
        foreach ([str_replace('salon=harbour', 'salon=main', $address), str_replace('&salon=harbour', '', $address)] as $altered) {
            $this->getJson($altered)->assertForbidden();
        }
        self::assertSame('harbour', $this->salons()->within('harbour', fn(): string => $this->salons()->current()));
        self::assertSame(1, $this->salons()->within('harbour', fn(): int => DB::table('visits')->where('id', $visit->id)->count()));
    }

    public function test_somebody_whom_a_dossier_named_there_stays_signed_in_here_and_is_nobody_there(): void
    {
        $this->signInAt('harbour', 'Teo');
        $this->wholeMorning($this->aDog('Kelp'));
        $address = '/api'.DB::table('messages')->orderBy('id')->value('url');
        $this->travel(-2)->days();
        $imke = $this->salons()->within(Salons::MAIN, fn(): array => (array) DB::table('staff')->where('name', 'Imke')->first());
        $this->salons()->within('harbour', fn() => DB::table('staff')->insert(['of_salon' => 'Elsewhere', 'password' => '-'] + $imke));

        $this->signInAt(Salons::MAIN, 'Imke');
        $this->getJson('/api/session')->assertJsonPath('staff.name', 'Imke');
        $this->app['auth']->forgetGuards();
        $this->getJson($address)->assertOk();
        $this->app['auth']->forgetGuards();
        $this->getJson('/api/session')->assertJsonPath('staff.name', 'Imke');
    }

    public function test_a_dog_that_changes_between_two_salons_keeps_its_ids_in_both(): void
    {
        $this->signInAt(Salons::MAIN, 'Imke');
        $this->getJson('/api/day')->assertOk();
        $visit = DB::table('visits')->whereNull('closed_at')->value('id');
        $this->record(Visit::query()->findOrFail($visit), 'stopped', ['reason' => 'Enough.']);
        $file = $this->get("/api/dogs/{$this->ids['dog']}/dossier")->assertOk()->baseResponse;
        assert($file instanceof BinaryFileResponse);
        $path = (string) tempnam(sys_get_temp_dir(), 'dossier');
        rename($file->getFile()->getPathname(), $path);

        self::assertSame(0, $this->commandIn('harbour', 'dossier:read', ['file' => $path]));
        $marks = fn(): array => DB::table('marks')->orderBy('number')->pluck('id')->all();
        $there = $this->salons()->within('harbour', $marks);
        self::assertNotSame([], $there);
        self::assertSame($marks(), $there);
    }

    public function test_who_owns_all_salons_compares_them_and_sees_no_dog(): void
    {
        $this->signInAt('harbour', 'Teo');
        $this->getJson('/api/salons')->assertForbidden();
        $this->wholeMorning($this->aDog('Kelp'));
        self::assertSame(1, $this->commandIn('harbour', 'salons:chain-owner', ['name' => 'Imke']), 'she is of the other salon');
        self::assertSame(0, $this->commandIn('harbour', 'salons:chain-owner', ['name' => 'Teo']));
        $this->signInAt('harbour', 'Teo');
        $this->getJson('/api/session')->assertJsonPath('salon.comparesSalons', true);

        $answer = $this->getJson('/api/salons')->assertOk();
        Contract::holds('get', '/api/salons', $answer);
        self::assertSame(['main', 'harbour'], array_column($answer->json('salons'), 'id'));
        self::assertSame([1, 1], array_column($answer->json('salons'), 'visits'));
        self::assertSame([1, 1], array_column($answer->json('salons'), 'matted'));
        self::assertGreaterThan(0, $answer->json('salons.0.forecastMinutes'));
        self::assertSame([0, 0], array_column($answer->json('salons'), 'promises'), 'nothing was promised');
        $this->salons()->within(Salons::MAIN, fn() => DB::table('visits')->whereNotNull('closed_at')->update(['first_promised_at' => now()]));
        $this->salons()->within('harbour', fn() => DB::table('visits')->whereNotNull('closed_at')->update(['first_promised_at' => now()->subDays(2)->subHour()]));
        $answer = $this->getJson('/api/salons');
        self::assertSame([[1, 1], [1, 0]], array_map(fn(array $row): array => [$row['promises'], $row['promisesKept']], $answer->json('salons')));
        self::assertStringNotContainsString(self::WORD, (string) $answer->getContent());
        $this->travel(3)->days();
        $this->getJson('/api/salons?days=1')->assertJsonPath('salons.0.visits', 0);
        self::assertSame(0, $this->commandIn('harbour', 'salons:chain-owner', ['name' => 'Teo', '--no-longer' => true]));
        $this->signInAt('harbour', 'Teo');
        $this->getJson('/api/salons')->assertForbidden();
    }

    /** @return iterable<string, array{string, string}> */
    public static function shortNames(): iterable
    {
        yield 'none of its own' => ['harbour', 'already'];
        yield 'the first one’s' => ['main', 'already'];
        yield 'a path' => ['../etc', 'short name'];
        yield 'quotes' => ['a"b', 'short name'];
        yield 'one letter' => ['a', 'short name'];
        yield 'capitals' => ['Harbour', 'short name'];
    }

    #[DataProvider('shortNames')]
    public function test_a_short_name_that_cannot_be_is_refused_with_what_to_do(string $salon, string $says): void
    {
        $this->artisan('salons:add', ['salon' => $salon, 'name' => 'Another'])->expectsOutputToContain($says)->assertFailed();
        self::assertCount(2, $this->salons()->all());
    }

    public function test_what_lies_there_already_is_not_taken_over(): void
    {
        $this->artisan('salons:add', ['salon' => 'quay', 'name' => 'Quay'])->assertSuccessful();
        // The list is of before, as after a backup of the first salon was put back elsewhere.
        $this->salons()->shared('salons')->where('salon', 'quay')->delete();

        $this->artisan('salons:add', ['salon' => 'quay', 'name' => 'Quay'])->expectsOutputToContain('holds something already')->assertFailed();
        self::assertArrayNotHasKey('quay', $this->salons()->all());
        $this->salons()->shared('salons')->insert(['salon' => 'quay', 'name' => 'Quay', 'added_at' => now()]);
    }

    public function test_two_installations_in_one_folder_keep_their_salons_apart(): void
    {
        $places = fn(string $first): string => (new Places($this->app->make('db'), new Repository(['database' => [
            'default' => 'sqlite',
            'connections' => ['sqlite' => ['database' => "/var/lib/{$first}"], 'pgsql' => ['search_path' => 'public']],
        ]])))->of('harbour');

        self::assertSame('/var/lib/demo-salons/harbour.sqlite', $places('demo.sqlite'));
        self::assertSame('/var/lib/hound-check-salons/harbour.sqlite', $places('hound-check.sqlite'));
    }

    public function test_what_runs_by_itself_runs_in_each_salon_and_one_that_fails_holds_up_none(): void
    {
        $this->salons()->within('harbour', fn() => DB::table('clients')->insert([
            'id' => (string) Str::ulid(), 'name' => 'Someone', 'created_at' => now(), 'updated_at' => now(),
        ]));
        $this->artisan('salons:each', ['what' => 'messages:send'])->expectsOutputToContain('[harbour]')->assertSuccessful();
        $this->salons()->within('harbour', fn() => DB::statement('drop table busy_times'));
        $this->salons()->within('harbour', fn() => DB::statement('alter table messages rename to elsewhere'));
        $this->artisan('salons:each', ['what' => 'messages:send'])->expectsOutputToContain('sent')->assertFailed();
        self::assertTrue($this->salons()->isMain());
    }

    public function test_whoever_watches_the_installation_is_told_when_any_salon_wants_a_look(): void
    {
        $this->asNewDevice();
        // As the first salon's dogs have only just come in: a salon that began today has no backup to be old.
        $this->travel(-2)->days();
        Health::beat();
        $this->getJson('/api/health')->assertOk();
        $this->salons()->within('harbour', fn() => DB::table('messages')->insert([
            'id' => (string) Str::ulid(), 'to_name' => 'Someone', 'text' => 'Waits', 'created_at' => now()->subHours(3),
        ]));
        $this->getJson('/api/health')->assertStatus(503);
        self::assertTrue($this->salons()->isMain());
    }

    public function test_a_command_works_in_the_salon_that_it_is_told(): void
    {
        $run = fn(string ...$command) => Process::path(base_path())->env(['APP_ENV' => 'local', ...$this->environment()])->run([PHP_BINARY, 'artisan', ...$command]);

        $this->salons()->within('harbour', fn() => DB::table('staff')->delete());
        self::assertStringContainsString('&salon=harbour', $run('salon:open', '--salon=harbour')->output());
        self::assertStringContainsString('is set up', $run('salon:open')->output());
        $nowhere = $run('salon:open', '--salon=nowhere');
        self::assertSame(1, $nowhere->exitCode());
        self::assertStringContainsString('There is no salon nowhere here', $nowhere->output());
    }

    private function aDog(string $name): Dog
    {
        return Dog::factory()->create(['name' => $name]);
    }

    /** @return array<string, string> */
    private function fillTheFirst(): array
    {
        $imke = Staff::factory()->create(['name' => 'Imke', 'role' => Role::Owner]);
        $this->actingAs($imke);
        $client = Client::factory()->create(['name' => self::WORD, 'phone' => '0555 7777']);
        $dog = Dog::factory()->create(['name' => self::WORD, 'client_id' => $client->id, 'mind' => self::WORD]);
        $visit = $this->wholeMorning($dog);
        $this->postJson("/api/visits/{$visit->id}/owner-plans", ['id' => (string) Str::ulid(), 'minutes' => 10, 'sessions' => 2])->assertSuccessful();
        $this->postJson("/api/visits/{$visit->id}/sheet-links", ['id' => (string) Str::ulid()])->assertSuccessful();
        $this->postJson('/api/appointments', [
            'appointmentId' => (string) Str::ulid(), 'dogId' => $dog->id, 'id' => (string) Str::ulid(), 'kind' => 'booked', 'at' => self::now(),
            'device' => self::DEVICE, 'tell' => true,
            'fields' => ['service' => 'full_groom', 'startsAt' => now()->addDays(2)->format('Y-m-d\T09:00:00\Z'), 'note' => self::WORD],
        ])->assertSuccessful();
        $this->postJson('/api/calendars/feeds', ['person' => null])->assertCreated();
        app(CalendarDesk::class)->keep($imke->id, self::WORD.'.ics', [[now()->toImmutable(), now()->addHour()->toImmutable()]], $imke);
        DB::table('sign_ins')->insert(['id' => $signIn = (string) Str::ulid(), 'staff_id' => $imke->id, 'browser' => self::WORD, 'began_at' => now(), 'seen_at' => now()]);
        DB::table('house_log')->insert(['id' => (string) Str::ulid(), 'at' => now(), 'kind' => 'signed_in', 'staff_id' => $imke->id, 'about' => json_encode(['browser' => self::WORD])]);
        $table = tempnam(sys_get_temp_dir(), 'table');
        File::put((string) $table, "Owner,Dog\n".self::WORD.','.self::WORD."\n");
        $import = app(IncomingFiles::class)->keep((string) $table);
        $one = fn(string $table): string => (string) DB::table($table)->orderBy('id')->value('id');

        return [
            'visit' => $visit->id, 'dog' => $dog->id, 'client' => $client->id, 'staff' => $imke->id, 'photo' => $one('photos'),
            'answer' => $one('client_links'), 'sheet' => $one('sheet_links'), 'plan' => $one('owner_plans'), 'appointment' => $one('appointments'),
            'feed' => $one('calendar_feeds'), 'message' => $one('messages'), 'calendar' => $one('calendar_imports'), 'import' => $import, 'dossier' => $import, 'signIn' => $signIn,
        ];
    }

    /** @return iterable<array{string, string, bool}> method, address with the first salon's ids, whether there are any in it */
    private function walk(): iterable
    {
        foreach (app('router')->getRoutes() as $route) {
            assert($route instanceof Route);
            if (! str_starts_with($route->uri(), 'api/') || $route->uri() === 'api/{any}' || $route->uri() === 'api/session') {
                continue;
            }
            $address = '/'.preg_replace_callback('/\{(\w+)\}/', fn(array $of): string => $this->parameter($of[1], $route->uri()), $route->uri());
            yield [$route->methods()[0], $address, preg_match('/[0-9A-Z]{26}/', $address) === 1];
        }
    }

    private function parameter(string $name, string $route): string
    {
        return match ($name) {
            'date' => now()->toDateString(),
            'size' => 'full',
            'link' => $this->ids[str_starts_with($route, 'api/answer') ? 'answer' : 'sheet'],
            'import' => $this->ids[str_contains($route, 'calendars') ? 'calendar' : 'import'],
            // A route about something new names it here, so that it is walked too.
            default => $this->ids[$name],
        };
    }

    private function ask(string $method, string $address): TestResponse
    {
        return $method === 'GET' ? $this->get($address, ['Accept' => 'application/json']) : $this->json($method, $address, []);
    }

    private static function textOf(TestResponse $answer): string
    {
        $of = $answer->baseResponse;
        if (! $of instanceof BinaryFileResponse) {
            return (string) $answer->getContent();
        }
        $path = $of->getFile()->getPathname();
        $zip = new ZipArchive;
        $text = $zip->open($path) === true ? '' : (string) file_get_contents($path);
        for ($file = 0; $file < $zip->numFiles; $file++) {
            $text .= $zip->getNameIndex($file).$zip->getFromIndex($file);
        }
        // Nothing is sent in a test, after which it would go by itself.
        unlink($path);

        return $text;
    }

    private function everythingOfTheFirst(): string
    {
        return $this->salons()->within(
            Salons::MAIN,
            fn(): string => (string) json_encode(array_map(self::rowsOf(...), array_diff(self::tables(), ['salons', 'visit_answers', 'dog_memories']))),
        );
    }
}
