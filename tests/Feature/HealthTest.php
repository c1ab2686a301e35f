<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Client;
use App\Salon\Health;
use HoundCheck\Core\Marks\Role;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Str;
use Tests\TestCase;

/** Whether somebody should look at the installation, told before the salon notices. */
final class HealthTest extends TestCase
{
    private string $backups;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2026-06-09 09:00:00');
        $this->backups = sys_get_temp_dir().'/health-test-'.Str::ulid();
        config(['salon.backup_folder' => $this->backups, 'salon.low_space_megabytes' => 1]);
        Health::beat();
    }

    protected function tearDown(): void
    {
        File::deleteDirectory($this->backups);
        parent::tearDown();
    }

    public function test_a_stranger_hears_one_word_and_the_owner_what_is_the_matter(): void
    {
        $word = $this->getJson('/api/health')->assertOk();
        Contract::holds('get', '/api/health', $word);
        self::assertSame(['status' => 'well'], $word->json());
        $this->getJson('/api/health/details')->assertUnauthorized();
        $this->signIn();
        $this->getJson('/api/health/details')->assertForbidden();

        $this->signIn(Role::Owner);
        $details = $this->getJson('/api/health/details')->assertOk();
        Contract::holds('get', '/api/health/details', $details);
        self::assertSame(['database' => true, 'disk' => true, 'schedule' => true, 'sender' => true, 'messages' => true, 'backup' => true], $details->json('checks'));
        self::assertMatchesRegularExpression('/^\d+\.\d+\.\d+$/', $details->json('version'));
        self::assertSame(0, DB::table('house_log')->count(), 'trying the database leaves nothing behind');
    }

    public function test_a_schedule_that_stands_still_is_told(): void
    {
        $this->travel(11)->minutes();
        self::assertSame(503, $this->getJson('/api/health')->status());
        $this->artisan('salon:health')->expectsOutputToContain('schedule   LOOK AT IT')->assertFailed();

        $this->artisan('schedule:run')->assertSuccessful();
        self::assertSame(200, $this->getJson('/api/health')->status());
    }

    public function test_a_message_that_never_went_out_is_told(): void
    {
        $client = Client::factory()->create();
        DB::table('messages')->insert(['id' => (string) Str::ulid(), 'to_name' => $client->name, 'text' => 'x', 'url' => 'x', 'created_at' => now()->subHours(2)]);

        $this->artisan('salon:health')->expectsOutputToContain('messages   LOOK AT IT')->assertFailed();
    }

    public function test_a_backup_that_is_too_old_and_a_disk_that_is_nearly_full_are_told(): void
    {
        $this->signIn();
        $visit = $this->arrive();
        DB::table('marks')->where('visit_id', $visit->id)->update(['received_at' => '2026-06-01 09:00:00.000']);
        config(['salon.low_space_megabytes' => PHP_INT_MAX]);

        $checks = app(Health::class)->checks();

        self::assertSame([false, false, true], [$checks['backup'], $checks['disk'], $checks['database']]);
    }

    public function test_a_disk_for_backups_that_is_unplugged_is_told_and_breaks_nothing(): void
    {
        config(['salon.backup_folder' => '/dev/null/unplugged']);

        self::assertSame(['status' => 'look'], $this->getJson('/api/health')->assertStatus(503)->json());
        $this->artisan('salon:health')->expectsOutputToContain('backup     LOOK AT IT')->assertFailed();
        $this->signIn(Role::Owner);
        $this->getJson('/api/backups')->assertOk()->assertJsonPath('warn', true)->assertJsonPath('lastVerifiedAt', null);
    }

    public function test_a_log_line_is_json_that_names_nobody(): void
    {
        $path = sys_get_temp_dir().'/health-log-'.Str::ulid();
        config(['logging.default' => 'daily', 'logging.channels.daily.path' => "{$path}/hound-check.log"]);
        Log::forgetChannel('daily');
        Cache::flush();
        $this->signIn();
        Client::factory()->create(['name' => 'Hester Lindqvist', 'phone' => '0555 0123']);
        // A query that fails with a client's name among what it was given.
        try {
            DB::table('no_such_table')->where('name', 'Hester Lindqvist')->get();
            self::fail('There is no such table.');
        } catch (QueryException $failure) {
            report($failure);
        }

        [$file] = glob("{$path}/*") ?: [''];
        $lines = array_filter(explode("\n", (string) file_get_contents($file)));
        self::assertNotSame([], $lines);
        foreach ($lines as $line) {
            self::assertSame('ERROR', json_decode($line, true, flags: JSON_THROW_ON_ERROR)['level_name']);
            self::assertStringNotContainsString('Lindqvist', $line);
        }
        File::deleteDirectory($path);
    }
}
