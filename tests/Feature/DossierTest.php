<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Client;
use App\Models\Dog;
use App\Models\HouseRulesVersion;
use App\Models\LogEntry;
use App\Models\Staff;
use App\Models\Visit;
use App\Salon\HouseBook;
use App\Transfer\DossierDesk;
use App\Transfer\DossierFile;
use App\Transfer\DossierWriter;
use App\Visits\PhotoStore;
use HoundCheck\Core\Marks\Role;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;
use ZipArchive;

/** A dog moves to another salon and takes all that was recorded along. */
final class DossierTest extends TestCase
{
    private const MAT = ['comb' => 'stops', 'skinLine' => 'patchy', 'opens' => 'tool', 'mattedShare' => 0.2, 'liftMm' => 9.5];

    /** Made anew here, or numbered here. */
    private const OF_THIS_SALON = ['created_at', 'updated_at', 'version', 'number', 'last_number', 'house_rules_version', 'of_salon', 'active', 'password'];

    private Dog $dog;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-06-09 09:00:00');
        Storage::fake('local');
        config(['salon.name' => 'Kittiwake Lane', 'salon.timezone' => 'UTC']);
        $client = Client::factory()->create(['name' => 'Hester Lindqvist', 'phone' => '0555 0123']);
        $this->dog = Dog::factory()->create(['name' => 'Dulse', 'client_id' => $client->id, 'coat' => 'curly', 'coat_mm' => 50, 'section_mm' => ['tail' => 70.5]]);
    }

    public function test_a_dog_read_in_elsewhere_is_the_same_to_the_last_entry_and_its_dossier_is_the_same_file_again(): void
    {
        $this->years();
        $written = $this->dossier();
        $before = self::rows();
        self::assertSame(2, count($written['visits']));
        self::assertSame(1, count($written['photos']));
        self::assertSame(1, count($written['homePlans'][0]['ticks']));

        $file = $this->file();
        $this->moveOut();
        (new HouseBook)->change(1, ['standing.restMinutes' => 12], null, $this->signIn(Role::Owner));
        app(DossierDesk::class)->read(DossierFile::open($file), null, false);

        self::assertEquals($written, $this->dossier());
        self::assertEquals($before, self::rows());
        $this->artisan('visits:rebuild')->assertSuccessful();
        self::assertEquals($before, self::rows(), 'a rebuild equals what stands');
        $last = Visit::query()->orderByDesc('arrived_at')->firstOrFail();
        $this->getJson("/api/visits/{$last->id}/record")->assertOk()->assertJsonPath('timeline.0.by', 'Rosalind');
        self::assertSame(2, HouseRulesVersion::current()->version, 'rules that came with a dog are never in force');
        self::assertSame([-1], Visit::query()->distinct()->pluck('house_rules_version')->all());
        self::assertNotContains(-1, array_column($this->getJson('/api/house-rules/versions')->assertOk()->json('versions'), 'version'));
    }

    public function test_whoever_recorded_it_elsewhere_is_named_and_never_works_here(): void
    {
        $this->years();
        $file = $this->file();
        $by = Staff::query()->where('name', 'Rosalind')->sole()->id;
        $this->moveOut();
        $owner = $this->signIn(Role::Owner);
        Staff::factory()->create(['name' => 'Rosalind']);

        app(DossierDesk::class)->read(DossierFile::open($file), null, false);

        self::assertSame('Kittiwake Lane', Staff::query()->findOrFail($by)->of_salon);
        self::assertNotContains($by, array_column($this->getJson('/api/staff')->assertOk()->json('staff'), 'id'));
        $this->patchJson("/api/staff/{$by}", ['active' => true, 'password' => 'long enough to be one'])->assertNotFound();
        self::assertSame($owner->id, auth()->id());
    }

    public function test_nothing_is_read_in_before_somebody_has_seen_what_it_would_do(): void
    {
        $this->years();
        $file = $this->file();
        $this->moveOut();
        $this->signIn(Role::Owner);
        $here = Client::factory()->create(['name' => 'H. Lindqvist', 'phone' => '+1 555 0123']);
        $other = Client::factory()->create(['name' => 'Somebody', 'phone' => '0555 9923']);

        $found = $this->bring($file)->assertCreated();

        Contract::holds('post', '/api/dossiers', $found);
        self::assertSame(
            ['Kittiwake Lane', 'Dulse', false, ['new' => 2, 'known' => 0, 'differing' => []], 1],
            [$found->json('salon'), $found->json('dog'), $found->json('isHere'), $found->json('visits'), $found->json('photos')],
        );
        self::assertSame([$here->id], array_column($found->json('clients'), 'id'), 'by the end of a telephone number; not '.$other->name);
        self::assertSame(0, Dog::query()->count());

        $read = $this->postJson("/api/dossiers/{$found->json('id')}", ['client' => $here->id, 'takesCard' => false])->assertCreated();
        Contract::holds('post', '/api/dossiers/{dossier}', $read);
        self::assertSame($here->id, Dog::query()->findOrFail($read->json('dog'))->client_id);
        self::assertSame(2, Client::query()->count(), 'the client is the one who was chosen');
        self::assertNotSame([], $this->getJson('/api/dogs?search=Duls')->json('dogs'), 'it is found by its name');
        self::assertSame(['dog' => 'Dulse'], LogEntry::query()->where('kind', 'dossier_read')->sole()->about);
        $this->postJson("/api/dossiers/{$found->json('id')}", ['client' => null, 'takesCard' => false])->assertUnprocessable()
            ->assertJsonPath('message', 'The file that was sent is no longer here. Choose it once more.');
    }

    public function test_a_dog_that_comes_back_brings_what_is_new_and_alters_nothing_that_was_recorded_here(): void
    {
        $this->years();
        $file = $this->file();
        // Since then: another visit here, and another weight on the card. The first visit got a late correction.
        $this->travel(30)->days();
        $groomer = $this->signIn();
        $third = $this->arrive($this->dog);
        $this->record($third, 'stopped', ['reason' => 'Unwell']);
        $this->dog->refresh()->fill(['weight_kg' => 21.5])->moveOn();
        $first = Visit::query()->orderBy('arrived_at')->firstOrFail();
        DB::table('marks')->insert([
            ...(array) DB::table('marks')->where('visit_id', $first->id)->orderByDesc('number')->first(['visit_id', 'section', 'at', 'received_at', 'device']),
            'id' => (string) Str::ulid(), 'kind' => 'note_written', 'payload' => '{"text":"Found later"}', 'staff_id' => $groomer->id,
        ]);
        $before = self::rows();

        $this->signIn(Role::Owner);
        $found = $this->bring($file)->assertCreated();
        self::assertSame([true, ['weightKg']], [$found->json('isHere'), $found->json('cardDiffers')]);
        self::assertSame(['new' => 0, 'known' => 1, 'differing' => ['2026-03-10']], $found->json('visits'));
        $this->postJson("/api/dossiers/{$found->json('id')}", ['client' => null, 'takesCard' => false])->assertCreated();
        self::assertEquals($before, self::rows());

        $found = $this->bring($file);
        $this->postJson("/api/dossiers/{$found->json('id')}", ['client' => null, 'takesCard' => true])->assertCreated();
        self::assertSame(20.0, $this->dog->refresh()->weight_kg, 'the card is the dossier’s where that is wanted');
    }

    public function test_what_an_earlier_visit_left_open_counts_at_visits_that_were_here_before_it_came_in(): void
    {
        Staff::factory()->create(['name' => 'Rosalind', 'role' => Role::Owner]);
        $this->actingAs(Staff::query()->where('name', 'Rosalind')->sole());
        $this->travelTo('2026-03-10 09:00:00');
        $visit = $this->arrive($this->dog);
        $this->record($visit, 'finding_noted', ['kind' => 'open_skin'], 'tail');
        $this->record($visit, 'stopped', ['reason' => 'A vet looks at it first']);
        $file = $this->file();
        foreach (['findings', 'marks', 'work_times', 'work_clocks', 'combed_out', 'dog_memories', 'visit_answers', 'visits'] as $table) {
            DB::table($table)->delete();
        }
        $this->travelTo('2026-05-05 10:00:00');
        $later = $this->arrive($this->dog->refresh());
        $this->inspect($later, ['tail' => self::MAT]);
        $this->record($later, 'stopped', ['reason' => 'Only looked']);

        app(DossierDesk::class)->read(DossierFile::open($file), null, false);

        $rows = self::rows();
        $this->artisan('visits:rebuild')->assertSuccessful();
        self::assertEquals($rows, self::rows());
        $undecided = Visit::query()->findOrFail($later->id)->day_facts['undecided'];
        self::assertSame(0, $undecided, 'the tail is left alone, and nothing is to be decided');
    }

    /** @return iterable<string, array{\Closure(\stdClass): mixed, string}> */
    public static function wrongs(): iterable
    {
        yield 'another format' => [fn(\stdClass $says): string => $says->format = 'x', 'format: must be'];
        yield 'a mark of no kind' => [fn(\stdClass $says): string => $says->visits[0]->marks[1]->kind = 'never_heard', 'never_heard is not known here'];
        yield 'a mark that says nothing' => [fn(\stdClass $says): \stdClass => $says->visits[0]->marks[0]->payload = new \stdClass, 'weightKg'];
        yield 'nobody made it' => [fn(\stdClass $says): array => $says->people = [], 'people: nobody is called'];
        yield 'rules that are others' => [fn(\stdClass $says): string => $says->houseRules[0]->key = str_repeat('a', 64), 'a'];
        yield 'rules that are none' => [fn(\stdClass $says): \stdClass => $says->houseRules[0]->rules = (object) ['standing' => 7], 'houseRules'];
        yield 'a visit that goes on' => [fn(\stdClass $says): mixed => array_pop($says->visits[1]->marks), 'has not ended'];
        yield 'a visit without its arrival' => [fn(\stdClass $says): mixed => array_shift($says->visits[1]->marks), 'arrival'];
        yield 'a visit that stands there twice' => [fn(\stdClass $says): \stdClass => $says->visits[1] = $says->visits[0], 'stands there twice'];
        yield 'a day that there is not' => [fn(\stdClass $says): string => $says->visits[0]->day = '2026-02-31', 'visits.0.day'];
        yield 'a time that there is not' => [fn(\stdClass $says): string => $says->visits[0]->marks[0]->at = '2026-19-10T09:00:00.000Z', 'marks.0.at'];
        yield 'an entry that stands there twice' => [
            fn(\stdClass $says): string => $says->visits[1]->marks[1]->id = $says->visits[0]->marks[1]->id, 'stands there twice',
        ];
        yield 'a picture that is another' => [fn(\stdClass $says): string => $says->photos[0]->full = str_repeat('0', 64), '-full.jpg is missing'];
    }

    /** @param \Closure(\stdClass): mixed $wrong */
    #[DataProvider('wrongs')]
    public function test_a_file_that_somebody_altered_is_refused_and_leaves_nothing_behind(\Closure $wrong, string $says): void
    {
        $this->years();
        $file = $this->file();
        $this->moveOut();
        $zip = new ZipArchive;
        $zip->open($file);
        $json = json_decode((string) $zip->getFromName('dossier.json'));
        $wrong($json);
        $zip->addFromString('dossier.json', (string) json_encode($json, JSON_PRESERVE_ZERO_FRACTION));
        $zip->close();
        $this->signIn(Role::Owner);

        $brought = $this->bring($file);
        $answer = $brought->isSuccessful()
            ? $this->postJson("/api/dossiers/{$brought->json('id')}", ['client' => null, 'takesCard' => false])
            : $brought;

        $answer->assertUnprocessable();
        self::assertStringContainsString($says, $answer->json('message'));
        self::assertSame([0, 0, 0, []], [Dog::query()->count(), Visit::query()->count(), Client::query()->count(), Storage::disk('local')->allFiles('photos')]);
    }

    public function test_what_is_no_dossier_at_all_is_told_so(): void
    {
        $this->signIn(Role::Owner);
        $this->post('/api/dossiers', ['file' => UploadedFile::fake()->createWithContent('x.zip', 'hello')], ['Accept' => 'application/json'])
            ->assertUnprocessable()->assertJsonPath('message', 'This file cannot be read as a dossier: The file is not a ZIP archive.');
        $this->post('/api/dossiers', [], ['Accept' => 'application/json'])->assertStatus(422);
    }

    public function test_a_dossier_is_the_owners_to_take_and_to_read(): void
    {
        foreach ([Role::Groomer, Role::Apprentice] as $role) {
            $this->signIn($role);
            $this->getJson("/api/dogs/{$this->dog->id}/dossier")->assertForbidden();
            $this->post('/api/dossiers', [], ['Accept' => 'application/json'])->assertForbidden();
            $this->postJson('/api/dossiers/'.Str::ulid(), ['client' => null, 'takesCard' => false])->assertForbidden();
        }
    }

    public function test_a_large_file_is_read_by_a_command(): void
    {
        $this->years();
        $file = $this->file();
        $this->moveOut();

        $this->artisan('dossier:read', ['file' => $file])->expectsOutputToContain('2 visits read in, 0 known, 0 left as they are here.')->assertSuccessful();
        $this->artisan('dossier:read', ['file' => __FILE__])->expectsOutputToContain('not a ZIP archive')->assertFailed();
    }

    public function test_everything_goes_into_one_archive_without_what_nobody_may_take_along(): void
    {
        $this->years();
        $owner = $this->signIn(Role::Owner);

        $answer = $this->get('/api/exports/everything')->assertOk()->assertHeader('Content-Type', 'application/zip');

        $zip = new ZipArchive;
        $zip->open($answer->baseResponse->getFile()->getPathname());
        $names = array_map(fn(int $at): string => (string) $zip->getNameIndex($at), range(0, $zip->numFiles - 1));
        $photo = DB::table('photos')->value('id');
        foreach (['README.txt', 'dossier.schema.json', 'tables/visits.csv', 'tables/dictionary.csv', 'house/house_rules.json', 'house/messages.json',
            "dossiers/{$this->dog->id}/dossier.json", "dossiers/{$this->dog->id}/photos/{$photo}-full.jpg"] as $name) {
            self::assertContains($name, $names);
        }
        self::assertEquals($this->dossier()['visits'], json_decode((string) $zip->getFromName("dossiers/{$this->dog->id}/dossier.json"), true)['visits']);
        $people = json_decode((string) $zip->getFromName('house/staff.json'), true);
        self::assertContains($owner->name, array_column($people, 'name'));
        self::assertSame([[], []], [array_column($people, 'password'), array_column(json_decode((string) $zip->getFromName('house/messages.json'), true), 'url')]);
        self::assertSame(['everything_taken'], LogEntry::query()->pluck('kind')->all());
        $this->signIn();
        $this->getJson('/api/exports/everything')->assertForbidden();
    }

    /** Two visits: a mat that was agreed and clipped, a finding that was closed, a photo, a plan for home with a tick. */
    private function years(): void
    {
        Staff::factory()->create(['name' => 'Rosalind', 'role' => Role::Owner]);
        $this->actingAs(Staff::query()->where('name', 'Rosalind')->sole());
        // Rules that no other salon has.
        HouseRulesVersion::current();
        (new HouseBook)->change(1, ['standing.restMinutes' => 9], null, Staff::query()->where('name', 'Rosalind')->sole());
        $this->travelTo('2026-03-10 09:00:00');
        $visit = $this->arrive($this->dog);
        $this->record($visit, 'arrival_answered', ['consent' => 'ask', 'weightKg' => 20]);
        $finding = $this->record($visit, 'finding_noted', ['kind' => 'growth', 'sizeMm' => 6.5], 'back');
        $this->inspect($visit, ['tail' => self::MAT]);
        $this->post("/api/visits/{$visit->id}/photos", [
            'id' => (string) Str::ulid(), 'at' => self::now(), 'device' => self::DEVICE, 'moment' => 'before', 'section' => 'tail',
            'picture' => UploadedFile::fake()->image('x.jpg', 400, 300),
        ])->assertSuccessful();
        $this->record($visit, 'treatment_chosen', ['treatment' => 'clip:6.3', 'reason' => 'Wanted'], 'tail');
        $plan = $this->showPlan($visit);
        $this->record($visit, 'answer_given', ['planId' => $plan, 'answer' => 'yes', 'via' => 'here', 'who' => 'Hester']);
        $this->postJson("/api/visits/{$visit->id}/owner-plans", ['id' => (string) Str::ulid(), 'minutes' => 10, 'sessions' => 2])->assertCreated();
        $home = DB::table('owner_plans')->sole();
        DB::table('owner_ticks')->insert(['owner_plan_id' => $home->id, 'place' => 'tail', 'day' => '2026-03-12', 'told_at' => '2026-03-12 19:00:00']);
        $this->record($visit, 'stopped', ['reason' => 'Ran out of time']);
        $this->travelTo('2026-05-05 10:00:00');
        $next = $this->arrive($this->dog->refresh());
        $this->inspect($next);
        $this->record($next, 'finding_closed', ['findingId' => $finding, 'note' => 'Gone']);
        $this->record($next, 'stopped', ['reason' => 'Only looked']);
        $this->dog->refresh();
    }

    /** @return array<string, mixed> the dossier without the moment at which it was written */
    private function dossier(): array
    {
        $says = json_decode((string) json_encode(app(DossierWriter::class)->of(Dog::query()->with('client')->sole())), true);
        unset($says['writtenAt']);

        return $says;
    }

    private function file(): string
    {
        return DossierFile::write(Dog::query()->with('client')->sole(), app(DossierWriter::class), app(PhotoStore::class));
    }

    /** Another salon, in which nobody knows the dog. */
    private function moveOut(): void
    {
        foreach (['owner_ticks', 'owner_plans', 'messages', 'photos', 'findings', 'grade_differences', 'shown_plans', 'marks', 'work_times',
            'work_clocks', 'visit_answers', 'dog_memories', 'combed_out', 'name_words', 'visits', 'dogs', 'clients', 'house_rules', 'staff'] as $table) {
            DB::table($table)->delete();
        }
        Storage::disk('local')->deleteDirectory('photos');
        auth()->logout();
        HouseRulesVersion::current();
    }

    private function bring(string $file): TestResponse
    {
        return $this->post(
            '/api/dossiers',
            ['file' => new UploadedFile($file, 'dossier.zip', 'application/zip', null, true)],
            ['Accept' => 'application/json'],
        );
    }

    /** @return array<string, list<array<string, mixed>>> every row that tells of the dog, by table */
    private static function rows(): array
    {
        $rows = [];
        foreach (['clients', 'dogs', 'visits', 'marks', 'findings', 'shown_plans', 'photos', 'owner_plans', 'owner_ticks', 'work_times'] as $table) {
            $all = DB::table($table)->get()->map(fn(\stdClass $row): array => array_diff_key((array) $row, array_flip(self::OF_THIS_SALON)))->all();
            usort($all, fn(array $one, array $other): int => json_encode($one) <=> json_encode($other));
            $rows[$table] = array_values($all);
        }

        return $rows;
    }
}
