<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Database\Closing;
use App\Database\Places;
use App\Database\Salons;
use App\Models\Client;
use App\Models\Dog;
use App\Models\Staff;
use App\Salon\Backup\BackupShelf;
use HoundCheck\Core\Marks\Role;
use Illuminate\Filesystem\FilesystemAdapter;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use League\Flysystem\Filesystem;
use League\Flysystem\Local\LocalFilesystemAdapter;
use PHPUnit\Framework\Attributes\Group;
use Tests\SalonsOfTheirOwn;
use Tests\TestCase;

/** A salon goes from one kind of database to the other and back, and its backup is the same in both. */
#[Group('postgres')]
final class MovingTest extends TestCase
{
    use AWholeMorning;
    use SalonsOfTheirOwn;

    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/moving-'.Str::ulid();
        File::makeDirectory($this->folder);
        config([
            'filesystems.disks.local.root' => "{$this->folder}/disk",
            'salon.backup_folder' => "{$this->folder}/backups",
            'database.connections.sqlite.database' => "{$this->folder}/moved.sqlite",
        ]);
        $this->beginSalons('harbour');
        $this->actingAs(Staff::factory()->create(['role' => Role::Owner]));
        Client::factory()->create(['name' => 'Käthe Ørsted-Łuk 🐕', 'photos_allowed' => true]);
        Client::factory()->create(['photos_allowed' => null]);
        $this->wholeMorning();
    }

    protected function tearDown(): void
    {
        config(['database.default' => 'pgsql']);
        $this->endSalons();
        DB::purge('sqlite');
        File::deleteDirectory($this->folder);
        parent::tearDown();
    }

    public function test_every_row_is_there_and_back_again_and_work_goes_on_in_both(): void
    {
        $before = $this->everything();
        $this->artisan('salon:move', ['to' => 'sqlite', '--yes' => true])->expectsOutputToContain('row by row the same')->assertSuccessful();
        $this->artisan('salon:move', ['to' => 'sqlite', '--yes' => true])->expectsOutputToContain('Name an empty one')->assertFailed();
        self::assertSame($before, $this->everything(), 'what it came from stays');

        $this->workOn('sqlite');
        $this->arriveAndGo('Went on in the file');
        $there = $this->everything();
        self::assertNotSame($before, $there);
        DB::connection('pgsql')->statement("drop schema {$this->place} cascade");
        $this->artisan('salon:move', ['to' => 'pgsql', '--yes' => true])->assertSuccessful();

        $this->workOn('pgsql');
        self::assertSame($there, $this->everything());
        $this->arriveAndGo('Went on in the schema');
        self::assertSame(['Went on in the file', 'Went on in the schema'], Dog::query()->where('name', 'like', 'Went on%')->orderBy('id')->pluck('name')->all());
    }

    public function test_a_salon_that_is_not_the_first_moves_into_its_own_place(): void
    {
        $this->artisan('salon:move', ['to' => 'sqlite', '--yes' => true])->assertSuccessful();
        $this->salons()->within('harbour', fn() => Staff::factory()->create(['name' => 'Teo']));
        self::assertSame(0, $this->commandIn('harbour', 'salon:move', ['to' => 'sqlite', '--yes' => true]));

        $this->workOn('sqlite');
        self::assertSame(['Teo'], $this->salons()->within('harbour', fn(): array => Staff::query()->pluck('name')->all()));
        self::assertFileExists("{$this->folder}/moved-salons/harbour.sqlite");
    }

    public function test_what_is_not_the_same_there_is_not_called_moved(): void
    {
        // Somebody wrote a list that does not follow from what was recorded.
        DB::table('visits')->update(['mat_load' => 999]);
        $this->artisan('salon:move', ['to' => 'sqlite', '--yes' => true])->expectsOutputToContain('(visits)')->assertFailed();
        self::assertFalse($this->app->make(Closing::class)->isClosed());
    }

    public function test_what_the_other_database_does_not_take_is_told_without_what_somebody_wrote(): void
    {
        $this->artisan('salon:move', ['to' => 'sqlite', '--yes' => true])->assertSuccessful();
        $this->workOn('sqlite');
        // SQLite looks at no length.
        DB::table('clients')->limit(1)->update(['phone' => str_repeat('0555-secret', 20)]);
        DB::connection('pgsql')->statement("drop schema {$this->place} cascade");

        $this->artisan('salon:move', ['to' => 'pgsql', '--yes' => true])
            ->expectsOutputToContain('does not take a row of clients: ERROR:  value too long')
            ->doesntExpectOutputToContain('secret')
            ->assertFailed();
    }

    public function test_several_servers_share_sessions_and_cache_whichever_salon_is_worked_in(): void
    {
        $this->salons()->within('harbour', fn() => Staff::factory()->create(['name' => 'Teo', 'role' => Role::Owner]));
        config([
            'session.driver' => 'shared',
            'session.table' => "{$this->place}.sessions",
            'cache.default' => 'database',
            'cache.stores.database' => ['driver' => 'database', 'table' => "{$this->place}.cache", 'lock_table' => "{$this->place}.cache_locks"],
        ]);
        $this->app['session']->forgetDrivers();
        $this->app['cache']->forgetDriver('database');
        $this->signInAt('harbour', 'Teo');
        $cookie = $this->app['session']->driver()->getId();
        Cache::put('seen', 'by both', 60);

        // Another server has nothing but the database.
        $this->app['session']->forgetDrivers();
        $this->app['auth']->forgetGuards();
        $this->salons()->enter(Salons::MAIN);
        $this->withCredentials()->withCookie(config('session.cookie'), $cookie)
            ->getJson('/api/session')
            ->assertJsonPath('staff.name', 'Teo')
            ->assertJsonPath('salon.id', 'harbour');
        self::assertSame('by both', Cache::get('seen'));
        self::assertSame([0, 0], [DB::table('sessions')->count(), DB::table('cache')->count()], 'nothing of it lies in the second salon');
    }

    public function test_a_database_that_does_not_answer_is_told_plainly(): void
    {
        $this->artisan('salon:move', ['to' => 'sqlite', '--yes' => true])->assertSuccessful();
        $this->workOn('sqlite');
        config(['database.connections.pgsql.port' => '1']);
        DB::purge('pgsql');

        $this->artisan('salon:move', ['to' => 'pgsql', '--yes' => true])->expectsOutputToContain('does not answer')->assertFailed();
        self::assertFalse($this->app->make(Closing::class)->isClosed());
        config(['database.connections.pgsql.port' => getenv('PGPORT')]);
        DB::purge('pgsql');
    }

    public function test_it_says_where_it_can_move_to(): void
    {
        foreach (['pgsql', 'elsewhere'] as $to) {
            $this->artisan('salon:move', ['to' => $to, '--yes' => true])->expectsOutputToContain('sqlite or pgsql')->assertFailed();
        }
    }

    public function test_a_backup_of_it_is_verified_and_comes_back_while_nothing_of_the_other_salons_moves(): void
    {
        $this->salons()->within('harbour', fn() => Staff::factory()->create(['name' => 'Teo']));
        $this->artisan('salon:backup')->expectsOutputToContain('is whole')->assertSuccessful();
        [$path] = array_keys($this->app->make(BackupShelf::class)->all());
        $before = $this->everything();
        $photo = (string) DB::table('photos')->value('id');
        File::deleteDirectory("{$this->folder}/disk/photos");
        DB::table('owner_ticks')->delete();
        DB::table('client_links')->update(['settled_with' => 'lost']);
        $this->artisan('salons:add', ['salon' => 'came-after', 'name' => 'Came after'])->assertSuccessful();

        $this->artisan('salon:restore', ['file' => $path, '--yes' => true])->assertSuccessful();

        self::assertSame($before, $this->everything());
        $this->getJson("/api/photos/{$photo}/full")->assertOk();
        self::assertSame(['main', 'harbour', 'came-after'], array_keys($this->salons()->all()), 'salons that were added since are no part of it');
        self::assertSame(['Teo'], $this->salons()->within('harbour', fn(): array => Staff::query()->pluck('name')->all()));
        $aside = (array) DB::selectOne('select nspname from pg_namespace where nspname like ?', ["{$this->place}_before_%"]);
        self::assertSame('lost', DB::table("{$aside['nspname']}.client_links")->value('settled_with'), 'nothing is thrown away');
        $this->arriveAndGo('Goes on');
        DB::statement("drop schema {$aside['nspname']} cascade");
    }

    public function test_pictures_on_a_disk_elsewhere_are_backed_up_and_put_back_there(): void
    {
        // As a store on the network: nothing there has a path on this machine.
        $adapter = new LocalFilesystemAdapter("{$this->folder}/elsewhere");
        Storage::set('local', new FilesystemAdapter(new Filesystem($adapter), $adapter));
        $photo = $this->photo($this->arrive(), 201);
        $this->artisan('salon:backup')->expectsOutputToContain('is whole')->assertSuccessful();
        [$path] = array_keys($this->app->make(BackupShelf::class)->all());
        File::deleteDirectory("{$this->folder}/elsewhere/photos");

        $this->artisan('salon:restore', ['file' => $path, '--yes' => true])->assertSuccessful();

        $this->getJson("/api/photos/{$photo}/full")->assertOk();
        foreach (array_column(DB::select('select nspname from pg_namespace where nspname like ?', ["{$this->place}_before_%"]), 'nspname') as $aside) {
            DB::statement("drop schema {$aside} cascade");
        }
    }

    private function arriveAndGo(string $name): void
    {
        $this->record($this->arrive(Dog::factory()->create(['name' => $name])), 'stopped', ['reason' => 'Enough.']);
    }

    /** As when the application is started with another setting. */
    private function workOn(string $kind): void
    {
        config(['database.default' => $kind, 'database.connections.sqlite.database' => "{$this->folder}/moved.sqlite"]);
        DB::purge();
        $this->app->forgetInstance(Places::class);
        $this->app->forgetInstance(Salons::class);
        $this->actingAs(Staff::query()->firstOrFail());
    }

    /** Every row of every table, in the words of either database. */
    private function everything(): string
    {
        $all = '';
        foreach (array_diff(self::tables(), ['salons', 'visit_answers', 'dog_memories', 'migrations']) as $table) {
            $rows = array_map(fn(array $row): string => (string) json_encode(array_map(self::plain(...), $row)), self::rowsOf($table));
            sort($rows);
            $all .= "{$table}\n".implode("\n", $rows)."\n";
        }

        return $all;
    }

    private static function plain(mixed $value): string
    {
        return match (true) {
            $value === null => '-',
            is_bool($value) => (string) (int) $value,
            preg_match('/^\d{4}-\d\d-\d\d \d\d:\d\d:\d\d\.\d+$/', (string) $value) === 1 => rtrim(rtrim((string) $value, '0'), '.'),
            default => (string) $value,
        };
    }
}
