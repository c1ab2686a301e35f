<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Client;
use App\Models\Dog;
use App\Models\LogEntry;
use App\Models\Photo;
use App\Models\Staff;
use App\Models\Visit;
use App\Words\Words;
use HoundCheck\Core\Marks\Role;
use HoundCheck\Core\Marks\WrittenWords;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Tests\TestCase;
use ZipArchive;

/** What is kept of a client: told, handed over, and forgotten on request without losing what the trade must be able to show. */
final class PrivacyTest extends TestCase
{
    /** Words that stand nowhere any more afterwards. */
    private const OF_THE_PERSON = ['Lindqvist', 'Hester', '0555 0123', '0555 0188', 'h@example.org', 'Seagull Row', 'M1,1L2,2'];

    private Client $client;

    private Dog $dog;

    private Visit $visit;

    private Staff $owner;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-06-09 09:00:00');
        Storage::fake('local');
        config(['salon.timezone' => 'UTC', 'salon.sender' => 'phone']);
        $this->client = Client::factory()->create([
            'name' => 'Hester Lindqvist', 'phone' => '0555 0123', 'email' => 'h@example.org', 'language' => 'de', 'photos_allowed' => true,
        ]);
        $this->dog = Dog::factory()->create(['name' => 'Dulse', 'client_id' => $this->client->id, 'mind' => 'Ring Hester first']);
        $this->owner = $this->signIn(Role::Owner);
    }

    public function test_forgotten_means_that_nothing_of_the_person_is_left_anywhere_and_the_work_still_stands(): void
    {
        $this->years();
        $before = $this->getJson("/api/visits/{$this->visit->id}/record")->assertOk();
        $photo = Photo::query()->sole()->id;

        $this->deleteJson("/api/clients/{$this->client->id}")->assertNoContent();

        $all = self::everything();
        foreach (self::OF_THE_PERSON as $word) {
            self::assertStringNotContainsString($word, $all);
        }
        self::assertSame([], Storage::disk('local')->allFiles());
        self::assertNotNull(Photo::query()->findOrFail($photo)->deleted_at);
        $after = $this->getJson("/api/visits/{$this->visit->id}/record")->assertOk();
        Contract::holds('get', '/api/visits/{visit}/record', $after);
        self::assertSame($before->json('visit.sections.tail.inForce'), $after->json('visit.sections.tail.inForce'));
        self::assertSame($before->json('plan.totals'), $after->json('plan.totals'));
        self::assertContains('clip:3.2', (array) $after->json('shownPlans.0.choices'));
        $said = collect($after->json('timeline'))->firstWhere('kind', 'answer_given');
        self::assertSame(
            WrittenWords::ERASED.' '.(new Words('en'))->say('visit.answers.yes'),
            $said['decision']['what'],
            'that the client agreed stays, who it was does not',
        );
        self::assertSame($this->owner->name, $said['by']);
        self::assertMatchesRegularExpression('/^Forgotten client /', Client::query()->sole()->name);
        self::assertSame([], $this->getJson('/api/clients?search=Lindq')->json('clients'));
        self::assertSame(['dogs' => 1], LogEntry::query()->where('kind', 'client_forgotten')->sole()->about);
        $rows = self::rows();
        $this->artisan('visits:rebuild')->assertSuccessful();
        self::assertEquals($rows, self::rows(), 'a rebuild brings nothing back');
    }

    public function test_pages_that_were_sent_no_longer_open(): void
    {
        $this->years();
        $home = '/api'.DB::table('messages')->where('kind', 'home_plan')->value('url');
        $record = '/api'.DB::table('messages')->where('kind', 'record')->value('url');
        $this->getJson($home)->assertOk();
        $this->getJson($record)->assertOk();

        $this->deleteJson("/api/clients/{$this->client->id}")->assertNoContent();

        $this->getJson($home)->assertForbidden();
        $this->getJson($record)->assertForbidden();
    }

    public function test_nobody_is_forgotten_while_the_dog_is_here_or_booked_and_what_is_in_the_way_is_told(): void
    {
        $visit = $this->arrive($this->dog);
        $this->getJson("/api/clients/{$this->client->id}/kept")->assertJsonPath('holds', ['why' => 'here', 'dog' => 'Dulse']);
        $this->deleteJson("/api/clients/{$this->client->id}")->assertConflict()
            ->assertJsonPath('message', 'Dulse is here now. Forget its client when the dog has gone home.');
        $this->record($visit, 'stopped', ['reason' => 'x']);
        $appointment = $this->book();
        $this->deleteJson("/api/clients/{$this->client->id}")->assertConflict()->assertJsonPath('message', 'Dulse has a time, or waits for one. Cancel it first.');

        $this->postJson("/api/appointments/{$appointment}/acts", [
            'id' => (string) Str::ulid(), 'kind' => 'cancelled', 'after' => DB::table('appointments')->value('last_number'), 'at' => self::now(),
            'device' => self::DEVICE, 'tell' => false, 'fields' => ['by' => 'client', 'reason' => 'Moved to Seagull Row'],
        ])->assertSuccessful();
        $kept = $this->getJson("/api/clients/{$this->client->id}/kept")->assertOk();
        Contract::holds('get', '/api/clients/{client}/kept', $kept);
        self::assertSame([null, 1, 1, 1], [$kept->json('holds'), $kept->json('dogs'), $kept->json('visits'), $kept->json('appointments')]);
        $this->deleteJson("/api/clients/{$this->client->id}")->assertNoContent();
        self::assertStringNotContainsString('Seagull Row', self::everything());
        self::assertNotNull($this->getJson("/api/clients/{$this->client->id}/kept")->json('erasedAt'));
    }

    public function test_all_that_is_kept_is_handed_over_with_why_in_the_clients_language(): void
    {
        $this->years();

        $answer = $this->get("/api/clients/{$this->client->id}/export")->assertOk()->assertHeader('Content-Type', 'application/zip');

        $zip = new ZipArchive;
        $zip->open($answer->baseResponse->getFile()->getPathname());
        self::assertStringContainsString('um Sie zu erreichen', (string) $zip->getFromName('README.txt'));
        $says = json_decode((string) $zip->getFromName('client.json'), true);
        self::assertSame(['Hester Lindqvist', '0555 0123', 'h@example.org'], [$says['client']['name'], $says['client']['phone'], $says['client']['email']]);
        self::assertSame([2, []], [count($says['messages']), array_column($says['messages'], 'url')]);
        self::assertSame(1, count(json_decode((string) $zip->getFromName("dossiers/{$this->dog->id}/dossier.json"), true)['photos']));
        self::assertSame([], LogEntry::query()->where('kind', 'client_taken')->sole()->about, 'the log names no client');
    }

    public function test_every_field_in_which_people_write_goes(): void
    {
        $free = [];
        $schemas = Contract::document()['components']['schemas'];
        $payloads = array_filter($schemas, fn(string $name): bool => str_ends_with($name, 'Payload'), ARRAY_FILTER_USE_KEY);
        foreach ($payloads as $kind => $payload) {
            foreach (array_merge(...array_column($payload['anyOf'] ?? [$payload], 'properties')) as $field => $schema) {
                $isText = in_array('string', (array) ($schema['type'] ?? []), true) && ! isset($schema['enum']) && ! isset($schema['format']);
                $isId = str_contains($schema['pattern'] ?? '', 'HJKMNP') || ($schema['maxLength'] ?? 99) <= 26;
                $isText && ! $isId ? $free["{$kind}.{$field}"] = $field : null;
            }
        }
        self::assertGreaterThan(10, count($free));
        self::assertSame([], array_diff($free, [...WrittenWords::FIELDS, ...WrittenWords::LEFT_OUT]));
    }

    public function test_photos_and_messages_go_when_they_are_older_than_the_owner_wants_them_and_are_counted_before(): void
    {
        $this->years();
        $this->travelTo('2027-07-15 09:00:00');
        $none = $this->getJson('/api/retention')->assertOk();
        Contract::holds('get', '/api/retention', $none);
        self::assertSame([null, null], [$none->json('photosMonths'), $none->json('since')]);
        $this->artisan('privacy:retain')->assertSuccessful();
        self::assertNull(Photo::query()->sole()->deleted_at, 'without a rule nothing goes');

        $preview = $this->postJson('/api/retention/preview', ['photosMonths' => 12, 'messagesMonths' => 24])->assertOk();
        Contract::holds('post', '/api/retention/preview', $preview);
        self::assertSame(['photos' => 1, 'messages' => 0], $preview->json());
        $kept = $this->putJson('/api/retention', ['photosMonths' => 12, 'messagesMonths' => 24])->assertOk();
        Contract::holds('put', '/api/retention', $kept);
        self::assertSame([12, 24, $this->owner->name], [$kept->json('photosMonths'), $kept->json('messagesMonths'), $kept->json('by')]);
        $this->artisan('privacy:retain')->expectsOutputToContain('1 photos and 0 messages')->assertSuccessful();

        self::assertSame([], Storage::disk('local')->allFiles());
        self::assertSame('Older than the 12 months for which photos are kept.', Photo::query()->sole()->deleted_because);
        self::assertSame(2, DB::table('messages')->count());
        $this->putJson('/api/retention', ['photosMonths' => null, 'messagesMonths' => 12])->assertOk();
        $this->artisan('privacy:retain')->assertSuccessful();
        self::assertSame(0, DB::table('messages')->count());
        self::assertSame(2, LogEntry::query()->where('kind', 'retention_changed')->count());
    }

    public function test_a_picture_of_what_is_still_open_on_the_dog_stays(): void
    {
        $visit = $this->arrive($this->dog);
        $finding = $this->record($visit, 'finding_noted', ['kind' => 'growth', 'sizeMm' => 6], 'back');
        $this->photo($visit, ['findingId' => $finding]);
        $this->record($visit, 'stopped', ['reason' => 'x']);
        $this->travel(3)->years();

        self::assertSame(0, $this->postJson('/api/retention/preview', ['photosMonths' => 1, 'messagesMonths' => null])->json('photos'));
    }

    public function test_it_is_the_owners(): void
    {
        $this->signIn();
        $this->getJson("/api/clients/{$this->client->id}/kept")->assertForbidden();
        $this->getJson("/api/clients/{$this->client->id}/export")->assertForbidden();
        $this->deleteJson("/api/clients/{$this->client->id}")->assertForbidden();
        $this->putJson('/api/retention', ['photosMonths' => 1, 'messagesMonths' => 1])->assertForbidden();
        self::assertSame('Hester Lindqvist', $this->client->refresh()->name);
    }

    /** A visit with everything in which a person can stand, ended; its record and a plan for home were sent. */
    private function years(): void
    {
        $this->visit = $this->arrive($this->dog);
        $this->record($this->visit, 'arrival_answered', ['consent' => 'ask', 'phone' => '0555 0188', 'wishes' => 'Hester wants short ears']);
        $this->inspect($this->visit, ['tail' => ['comb' => 'stops', 'skinLine' => 'patchy', 'opens' => 'tool', 'mattedShare' => 0.2, 'liftMm' => 9.5]]);
        $this->record($this->visit, 'finding_noted', ['kind' => 'redness', 'note' => 'Hester Lindqvist knows'], 'back');
        $this->record($this->visit, 'note_written', ['text' => 'Moves to Seagull Row']);
        $this->photo($this->visit);
        $this->record($this->visit, 'treatment_chosen', ['treatment' => 'clip:3.2', 'reason' => 'Hester asked for it'], 'tail');
        $plan = $this->showPlan($this->visit);
        $this->record($this->visit, 'answer_given', [
            'planId' => $plan, 'answer' => 'yes', 'via' => 'here', 'who' => 'Hester Lindqvist', 'note' => 'Call 0555 0123', 'signature' => 'M1,1L2,2',
        ]);
        $this->record($this->visit, 'stopped', ['reason' => 'Hester came early']);
        $this->postJson("/api/visits/{$this->visit->id}/owner-plans", ['id' => (string) Str::ulid(), 'minutes' => 10, 'sessions' => 2])->assertCreated();
        $this->postJson("/api/visits/{$this->visit->id}/sheet-links", ['id' => (string) Str::ulid()])->assertCreated();
        DB::table('messages')->update(['sent_at' => '2026-06-09 10:00:00']);
    }

    /** @param array<string, string> $more */
    private function photo(Visit $visit, array $more = []): void
    {
        $this->post("/api/visits/{$visit->id}/photos", [
            'id' => (string) Str::ulid(), 'at' => self::now(), 'device' => self::DEVICE, 'moment' => 'before',
            'picture' => UploadedFile::fake()->image('x.jpg', 60, 40), ...$more,
        ])->assertSuccessful();
    }

    private function book(): string
    {
        $id = (string) Str::ulid();
        $this->postJson('/api/appointments', [
            'appointmentId' => $id, 'dogId' => $this->dog->id, 'id' => (string) Str::ulid(), 'kind' => 'booked', 'device' => self::DEVICE, 'tell' => false,
            'at' => self::now(), 'fields' => ['service' => 'full_groom', 'startsAt' => '2026-06-20T09:00:00Z', 'note' => 'Hester: as last time'],
        ])->assertCreated();

        return $id;
    }

    /** Every cell of every table, as one text. */
    private static function everything(): string
    {
        $all = '';
        foreach (self::tables() as $table) {
            $all .= json_encode(DB::table($table)->get(), JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
        }

        return $all;
    }

    /** @return array<string, mixed> */
    private static function rows(): array
    {
        return [
            'visits' => DB::table('visits')->get()->all(),
            'findings' => DB::table('findings')->get()->all(),
            'photos' => DB::table('photos')->get()->all(),
            'appointments' => DB::table('appointments')->get()->all(),
            'words' => DB::table('name_words')->orderBy('word')->orderBy('dog_id')->get()->all(),
        ];
    }
}
