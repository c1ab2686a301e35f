<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Database\Closing;
use App\Models\Client;
use App\Models\Dog;
use App\Models\Staff;
use App\Salon\Backup\BackupShelf;
use App\Salon\Backup\FormerData;
use Carbon\CarbonImmutable;
use Database\Factories\StaffFactory;
use HoundCheck\Core\Marks\Role;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use Symfony\Component\Process\Process;
use ZipArchive;

/** A salon in real files: what is backed up comes back, and what is not whole is never put in its place. */
#[Group('sqlite')]
final class BackupTest extends TestCase
{
    private const NAME = 'Marigold of the north pier';

    private string $folder;

    private string $database;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/backup-test-'.Str::ulid();
        $this->database = "{$this->folder}/salon.sqlite";
        File::makeDirectory("{$this->folder}/photos/ab", recursive: true);
        touch($this->database);
        File::put("{$this->folder}/photos/ab/01J0000000000000000000000A.jpg", 'a picture');
        File::put("{$this->folder}/photos/notes.json", '{}');
        config([
            'database.connections.sqlite.database' => $this->database,
            'filesystems.disks.local.root' => $this->folder,
            'salon.backup_folder' => "{$this->folder}/backups",
            'salon.backup_passphrase' => null,
        ]);
        DB::purge();
        $this->artisan('migrate', ['--force' => true])->assertSuccessful();
        $this->actingAs(Staff::factory()->create(['role' => Role::Owner]));
        $this->visit(self::NAME);
    }

    protected function tearDown(): void
    {
        DB::purge();
        config(['database.connections.sqlite.database' => ':memory:']);
        File::deleteDirectory($this->folder);
        parent::tearDown();
    }

    public function test_a_backup_is_one_file_that_holds_everything_and_is_verified_at_once(): void
    {
        // A reader elsewhere holds the file open, as every tablet does.
        $reader = new \SQLite3($this->database, SQLITE3_OPEN_READONLY);
        $reader->query('select * from marks');
        $this->artisan('salon:backup')->assertSuccessful();

        [$path] = array_keys($this->shelf()->all());
        self::assertSame('0600', substr(sprintf('%o', fileperms($path)), -4));
        self::assertSame(['hound-check.sqlite', 'manifest.json', 'photos/photos/ab/01J0000000000000000000000A.jpg'], $this->names($path));
        self::assertNotNull($this->shelf()->lastVerified());
        self::assertSame([], glob("{$this->folder}/backups/.side-*"), 'nothing is left beside it');
    }

    public function test_a_salon_of_years_in_which_everything_happens_is_verified(): void
    {
        touch("{$this->folder}/years.sqlite");
        config(['database.connections.sqlite.database' => "{$this->folder}/years.sqlite"]);
        DB::purge();
        $this->artisan('migrate', ['--force' => true])->assertSuccessful();
        $this->artisan('demo:fill')->assertSuccessful();
        $this->flushSession();
        $this->actingAs(Staff::query()->where('role', Role::Owner)->firstOrFail());
        // What is looked at is kept, and no part of what was recorded.
        foreach (DB::table('dogs')->limit(5)->pluck('id') as $dog) {
            $this->getJson("/api/dogs/{$dog}/years")->assertOk();
        }
        self::assertGreaterThan(0, DB::table('dog_memories')->count());

        $this->artisan('salon:backup')->expectsOutputToContain('is whole')->assertSuccessful();
    }

    public function test_what_a_killed_backup_left_beside_goes_and_what_one_is_just_at_stays(): void
    {
        $gone = new Process([PHP_BINARY, '-r', 'echo getmypid();']);
        $gone->mustRun();
        $left = "{$this->folder}/backups/.side-{$gone->getOutput()}-01J0000000000000000000000A";
        $running = $this->shelf()->side();
        File::makeDirectory($left);
        $this->shelf()->sweep();
        self::assertDirectoryDoesNotExist($left);
        self::assertDirectoryExists($running);
    }

    public function test_what_was_lost_after_it_comes_back_and_what_was_there_is_kept_beside_it(): void
    {
        $this->artisan('salon:backup')->assertSuccessful();
        [$path] = array_keys($this->shelf()->all());
        $before = DB::table('marks')->orderBy('number')->get();
        DB::table('marks')->delete();
        File::deleteDirectory("{$this->folder}/photos/ab");
        $this->visit('Came after it');

        $this->artisan('salon:restore', ['file' => $path, '--yes' => true])->assertSuccessful();
        self::assertEquals($before, DB::table('marks')->orderBy('number')->get());
        self::assertSame([self::NAME], Dog::query()->pluck('name')->all());
        self::assertStringEqualsFile("{$this->folder}/photos/ab/01J0000000000000000000000A.jpg", 'a picture');
        [$aside] = glob("{$this->database}.before-*") ?: [''];
        $old = new \SQLite3($aside);
        self::assertSame('Came after it', $old->querySingle("select name from dogs where name like 'Came%'"), 'nothing is thrown away');
        $this->visit('Goes on');
        self::assertFalse(app(Closing::class)->isClosed());
        $told = $this->getJson('/api/retention')->assertOk()->assertJsonPath('putAside', 1);
        Contract::holds('get', '/api/retention', $told);
        app(FormerData::class)->delete();
        $this->getJson('/api/retention')->assertJsonPath('putAside', 0);
    }

    public function test_a_client_who_asked_to_be_forgotten_is_not_brought_back_by_a_backup_of_before(): void
    {
        $this->postJson('/api/visits/'.DB::table('visits')->value('id').'/marks', ['marks' => [[
            'id' => (string) Str::ulid(), 'kind' => 'stopped', 'section' => null, 'at' => CarbonImmutable::now()->format('Y-m-d\TH:i:s.v\Z'),
            'device' => '01J0000000000000000000DEV0', 'payload' => ['reason' => 'Only looked'],
        ]]])->assertOk();
        $client = (string) DB::table('clients')->value('id');
        Client::query()->sole()->update(['name' => 'Hester Lindqvist', 'phone' => '0555 0123']);
        $this->artisan('salon:backup')->assertSuccessful();
        [$path] = array_keys($this->shelf()->all());
        $this->postJson('/api/session/password-again', ['password' => StaffFactory::PASSWORD])->assertNoContent();
        $this->deleteJson("/api/clients/{$client}")->assertNoContent();

        $this->artisan('salon:restore', ['file' => $path, '--yes' => true])
            ->expectsOutputToContain('1 clients who had asked to be forgotten are forgotten again.')
            ->assertSuccessful();

        self::assertStringNotContainsString('Lindqvist', (string) DB::table('clients')->value('name'));
        self::assertNull(DB::table('clients')->value('phone'));
    }

    public function test_it_comes_back_from_another_disk_too(): void
    {
        $other = '/dev/shm/backup-test-'.Str::ulid();
        self::assertNotSame(stat($this->folder)['dev'], stat('/dev/shm')['dev'], 'another disk, as every Debian has');
        config(['salon.backup_folder' => $other]);
        try {
            $this->artisan('salon:backup')->assertSuccessful();
            [$path] = array_keys($this->shelf()->all());
            DB::table('marks')->delete();
            File::deleteDirectory("{$this->folder}/photos/ab");
            $this->artisan('salon:restore', ['file' => $path, '--yes' => true])->assertSuccessful();
            self::assertGreaterThan(0, DB::table('marks')->count());
            self::assertFileExists("{$this->folder}/photos/ab/01J0000000000000000000000A.jpg");
            self::assertSame([], [...glob("{$this->database}.restored*") ?: [], ...glob("{$this->folder}/photos.restored*") ?: []]);
        } finally {
            File::deleteDirectory($other);
        }
    }

    /** @param \Closure(ZipArchive): void $harm */
    #[DataProvider('harms')]
    public function test_a_backup_that_is_not_whole_is_told_as_such_and_never_put_back(\Closure $harm, string $says): void
    {
        $this->artisan('salon:backup', ['--quick' => true])->assertSuccessful();
        self::assertNull($this->shelf()->lastVerified(), 'made is not verified');
        [$path] = array_keys($this->shelf()->all());
        $zip = new ZipArchive;
        $zip->open($path);
        $harm($zip);
        $zip->close();
        $marks = DB::table('marks')->count();

        $this->artisan('salon:verify')->expectsOutputToContain($says)->assertFailed();
        $this->artisan('salon:restore', ['file' => $path, '--yes' => true])->assertFailed();
        self::assertNull($this->shelf()->lastVerified());
        self::assertSame($marks, DB::table('marks')->count());
        self::assertSame([], glob("{$this->database}.before-*"));
    }

    /** @return iterable<string, array{\Closure(ZipArchive): void, string}> */
    public static function harms(): iterable
    {
        yield 'a picture is missing' => [fn(ZipArchive $zip) => $zip->deleteName('photos/photos/ab/01J0000000000000000000000A.jpg'), 'missing'];
        yield 'a picture is another' => [fn(ZipArchive $zip) => $zip->addFromString('photos/photos/ab/01J0000000000000000000000A.jpg', 'another'), 'not as it was'];
        yield 'the database is cut short' => [fn(ZipArchive $zip) => $zip->addFromString('hound-check.sqlite', substr((string) $zip->getFromName('hound-check.sqlite'), 0, 4096)), 'not as it was'];
        yield 'no manifest' => [fn(ZipArchive $zip) => $zip->deleteName('manifest.json'), 'no backup'];
        yield 'a list that does not follow from the marks' => [self::editing('update visits set mat_load = mat_load + 1'), 'do not follow'];
        yield 'a row that nobody counted' => [self::editing("insert into clients (id, name) values ('01J0000000000000000000000Z', 'Nobody')"), 'other rows'];
        yield 'of a newer version' => [self::editing("insert into migrations (migration, batch) values ('2099_01_01_000001_fly', 9)", true), 'newer version'];
        yield 'a path that leaves the folder' => [function (ZipArchive $zip): void {
            $manifest = json_decode((string) $zip->getFromName('manifest.json'), true);
            $manifest['sha256']['photos/../../escaped.jpg'] = hash('sha256', 'x');
            $zip->addFromString('photos/../../escaped.jpg', 'x');
            $zip->addFromString('manifest.json', (string) json_encode($manifest));
        }, 'missing'];
    }

    public function test_whose_it_is_is_shown_another_salons_takes_no_place_unasked_and_there_is_a_way_back(): void
    {
        $this->artisan('salon:backup')->assertSuccessful();
        [$path] = array_keys($this->shelf()->all());
        // Another salon by now: other people, other dogs.
        foreach (['marks', 'findings', 'visits', 'dogs', 'clients', 'staff'] as $table) {
            DB::statement('pragma foreign_keys = off');
            DB::table($table)->delete();
        }
        $this->travel(1)->hours();
        $this->flushSession();
        $this->actingAs(Staff::factory()->create(['role' => Role::Owner]));
        $this->visit('Of another salon');

        $this->artisan('salon:restore', ['file' => $path, '--yes' => true])
            ->expectsOutputToContain('1 clients, 1 dogs')
            ->expectsOutputToContain('another salon’s')
            ->assertFailed();
        self::assertSame(['Of another salon'], Dog::query()->pluck('name')->all());

        $this->artisan('salon:restore', ['file' => $path, '--yes' => true, '--other-salon' => true])->expectsOutputToContain('The way back: php artisan salon:restore --back=')->assertSuccessful();
        self::assertSame([self::NAME], Dog::query()->pluck('name')->all());
        [$aside] = glob("{$this->database}.before-*") ?: [''];
        $this->travel(1)->minutes();
        $this->artisan('salon:restore', ['--back' => substr($aside, -15)])->expectsOutputToContain('It is back')->assertSuccessful();
        self::assertSame(['Of another salon'], Dog::query()->pluck('name')->all());
        $this->artisan('salon:restore', ['--back' => '20200101-000000'])->assertFailed();
    }

    public function test_what_a_restore_put_aside_goes_with_whoever_is_forgotten(): void
    {
        $this->artisan('salon:backup')->assertSuccessful();
        [$path] = array_keys($this->shelf()->all());
        $this->artisan('salon:restore', ['file' => $path, '--yes' => true])->assertSuccessful();
        self::assertNotSame([], app(\App\Salon\Backup\FormerData::class)->all());

        DB::table('visits')->update(['closed_at' => now()]);
        app(\App\Privacy\Eraser::class)->forget(\App\Models\Client::query()->firstOrFail(), Staff::query()->firstOrFail());
        self::assertSame([], app(\App\Salon\Backup\FormerData::class)->all());
    }

    public function test_with_a_passphrase_nothing_can_be_read_without_it(): void
    {
        config(['salon.backup_passphrase' => 'kelp and sand']);
        $this->artisan('salon:backup')->assertSuccessful();
        [$path] = array_keys($this->shelf()->all());
        self::assertStringNotContainsString(self::NAME, (string) file_get_contents($path));
        config(['salon.backup_passphrase' => 'sand and kelp']);
        $this->artisan('salon:restore', ['file' => $path, '--yes' => true])->expectsOutputToContain('passphrase')->assertFailed();
        config(['salon.backup_passphrase' => 'kelp and sand']);
        $this->artisan('salon:restore', ['file' => $path, '--yes' => true])->assertSuccessful();
        self::assertSame([self::NAME], Dog::query()->pluck('name')->all());
    }

    public function test_killed_in_the_middle_it_leaves_no_backup_and_the_next_one_is_whole(): void
    {
        // Pictures enough that it takes a while.
        for ($photo = 0; $photo < 60; $photo++) {
            File::put("{$this->folder}/photos/ab/{$photo}.jpg", random_bytes(400_000));
        }
        $environment = ['DB_DATABASE' => $this->database, 'PHOTOS_FOLDER' => $this->folder, 'BACKUP_FOLDER' => "{$this->folder}/backups"];
        foreach ([0.25, 0.35, 0.45, 0.6] as $seconds) {
            $run = proc_open([PHP_BINARY, 'artisan', 'salon:backup', '--quick', '--quiet'], [], $pipes, base_path(), [...getenv(), ...$environment]);
            self::assertIsResource($run);
            usleep((int) (1e6 * $seconds));
            proc_terminate($run, SIGKILL);
            proc_close($run);
        }
        foreach (array_keys($this->shelf()->all()) as $path) {
            // One that was quicker than the kill is whole.
            $this->artisan('salon:verify', ['file' => $path])->assertSuccessful();
        }
        $this->artisan('salon:backup')->assertSuccessful();
        self::assertNotNull($this->shelf()->lastVerified());
        $this->travel(13)->hours();
        $left = glob("{$this->folder}/backups/.side-*") ?: [];
        array_map(fn(string $side): bool => touch($side, time() - 13 * 3600), $left);
        $this->artisan('salon:backup', ['--quick' => true])->assertSuccessful();
        self::assertSame([], glob("{$this->folder}/backups/.side-*"), 'what a kill left is swept');
    }

    public function test_where_nothing_can_be_written_it_says_so_and_what_is_there_stays(): void
    {
        $this->artisan('salon:backup')->assertSuccessful();
        $there = $this->shelf()->all();
        config(['salon.backup_folder' => "{$this->folder}/no-folder"]);
        File::put("{$this->folder}/no-folder", 'a file');
        $this->artisan('salon:backup')->expectsOutputToContain('could not be written')->assertFailed();
        config(['salon.backup_folder' => "{$this->folder}/backups"]);
        self::assertEquals($there, $this->shelf()->all());
    }

    public function test_the_latest_of_seven_days_four_weeks_and_twelve_months_stay(): void
    {
        $shelf = $this->shelf();
        $shelf->folder();
        for ($day = 0; $day < 500; $day++) {
            $made = CarbonImmutable::parse('2026-11-27 03:00:00', 'UTC')->subDays($day);
            touch($shelf->nameFor($made));
            touch($shelf->nameFor($made->subHours(2)));
        }
        File::put($shelf->nameFor(CarbonImmutable::parse('2025-08-01 03:00:00', 'UTC')).'.verified', 'x');
        $shelf->prune();
        $kept = array_map(fn(CarbonImmutable $made): string => $made->format('Y-m-d H'), array_values($shelf->all()));

        self::assertSame(['2026-11-27 03', '2026-11-26 03', '2026-11-25 03', '2026-11-24 03', '2026-11-23 03', '2026-11-22 03', '2026-11-21 03'], array_slice($kept, 0, 7));
        self::assertContains('2026-11-08 03', $kept, 'a Sunday: the last of its week');
        self::assertContains('2025-12-31 03', $kept, 'the last of its month');
        self::assertContains('2025-08-01 03', $kept, 'the last that was verified');
        self::assertLessThanOrEqual(7 + 4 + 12 + 1, count($kept));
    }

    public function test_the_owner_is_warned_after_two_days_without_one_that_was_verified(): void
    {
        $this->getJson('/api/backups')->assertOk()->assertJsonPath('warn', false);
        $this->travel(3)->days();
        $warned = $this->getJson('/api/backups')->assertOk();
        Contract::holds('get', '/api/backups', $warned);
        self::assertSame([true, null], [$warned->json('warn'), $warned->json('lastVerifiedAt')]);
        $this->artisan('salon:backup')->assertSuccessful();
        $this->getJson('/api/backups')->assertJsonPath('warn', false)->assertJsonPath('lastVerifiedAt', CarbonImmutable::now()->utc()->format('Y-m-d\TH:i:s.000\Z'));
        config(['salon.demo' => true]);
        $this->travel(9)->days();
        $this->getJson('/api/backups')->assertJsonPath('warn', false);
        $this->flushSession();
        $this->actingAs(Staff::factory()->create(['role' => Role::Groomer]));
        $this->getJson('/api/backups')->assertForbidden();
    }

    private static function editing(string $sql, bool $counted = false): \Closure
    {
        return function (ZipArchive $zip) use ($sql, $counted): void {
            $file = (string) tempnam(sys_get_temp_dir(), 'edit');
            file_put_contents($file, (string) $zip->getFromName('hound-check.sqlite'));
            $database = new \SQLite3($file);
            $database->exec($sql);
            $database->close();
            $manifest = json_decode((string) $zip->getFromName('manifest.json'), true);
            $manifest['sha256']['hound-check.sqlite'] = hash_file('sha256', $file);
            $manifest['rows']['migrations'] += $counted ? 1 : 0;
            $zip->addFromString('hound-check.sqlite', (string) file_get_contents($file));
            $zip->addFromString('manifest.json', (string) json_encode($manifest));
            unlink($file);
        };
    }

    private function visit(string $name): void
    {
        $this->postJson('/api/visits', [
            'id' => (string) Str::ulid(), 'markId' => (string) Str::ulid(), 'dogId' => Dog::factory()->create(['name' => $name])->id,
            'at' => CarbonImmutable::now()->format('Y-m-d\TH:i:s.v\Z'), 'device' => (string) Str::ulid(),
        ])->assertCreated();
    }

    private function shelf(): BackupShelf
    {
        return app(BackupShelf::class);
    }

    /** @return list<string> */
    private function names(string $path): array
    {
        $zip = new ZipArchive;
        $zip->open($path, ZipArchive::RDONLY);
        $names = array_map(fn(int $file): string => (string) $zip->getNameIndex($file), range(0, $zip->numFiles - 1));
        sort($names);

        return $names;
    }
}
