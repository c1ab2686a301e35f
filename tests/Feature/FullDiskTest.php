<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Problem;
use App\Models\Dog;
use App\Models\SignIn;
use App\Models\Staff;
use App\Words\Words;
use Carbon\CarbonImmutable;
use Database\Factories\StaffFactory;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use League\Flysystem\UnableToWriteFile;
use PDOException;
use PHPUnit\Framework\Attributes\Group;

/** A database of its own that may not grow, as on a full disk: no transaction of a test lies around it. */
#[Group('sqlite')]
final class FullDiskTest extends TestCase
{
    private string $database;

    protected function setUp(): void
    {
        parent::setUp();
        $this->database = (string) tempnam(sys_get_temp_dir(), 'full').'.sqlite';
        touch($this->database);
        config(['database.connections.sqlite.database' => $this->database]);
        DB::purge();
        $this->artisan('migrate', ['--force' => true])->assertSuccessful();
        $this->actingAs(Staff::factory()->create());
    }

    protected function tearDown(): void
    {
        DB::purge();
        config(['database.connections.sqlite.database' => ':memory:']);
        array_map(unlink(...), glob(substr($this->database, 0, -7).'*') ?: []);
        parent::tearDown();
    }

    public function test_nothing_more_is_taken_which_is_said_and_everything_can_be_read(): void
    {
        $visit = (string) Str::ulid();
        $this->postJson(
            '/api/visits',
            [
                'id' => $visit,
                'markId' => (string) Str::ulid(),
                'dogId' => Dog::factory()->create()->id,
                'at' => self::now(),
                'device' => (string) Str::ulid(),
            ],
        )->assertCreated();
        DB::statement('PRAGMA max_page_count = '.DB::selectOne('PRAGMA page_count')->page_count);
        $taken = 0;
        do {
            $last = $this->note($visit);
            $taken += (int) $last->isOk();
        } while ($last->isOk() && $taken < 100);

        $last->assertStatus(507)->assertJsonPath('message', Words::of('problems.disk_full'));
        Contract::holds('post', '/api/visits/{visit}/marks', $last);
        foreach (["/api/visits/{$visit}", "/api/visits/{$visit}/plan", "/api/visits/{$visit}/record", '/api/day', '/api/dogs'] as $page) {
            $this->getJson($page)->assertOk();
        }
        self::assertSame(
            $taken,
            DB::table('marks')->where('kind', 'note_written')->count(),
            'what was acknowledged is there, and nothing else',
        );

        DB::statement('PRAGMA max_page_count = 1073741823');
        $this->note($visit)->assertOk();
    }

    public function test_a_disk_that_is_full_only_at_the_commit_or_for_a_picture_is_told_in_the_same_words(): void
    {
        $request = Request::create('/api/visits/x/marks', 'POST');
        foreach ([
            new PDOException('SQLSTATE[HY000]: General error: 13 database or disk is full'),
            UnableToWriteFile::atLocation('photos/x.jpg', 'No space left on device'),
        ] as $failure) {
            $answer = Problem::for($failure, $request);
            self::assertSame([507, Words::of('problems.disk_full')], [$answer?->getStatusCode(), $answer?->getData(true)['message']]);
        }
        self::assertSame(500, Problem::for(new PDOException('SQLSTATE[HY000]: something else'), $request)?->getStatusCode());
    }

    public function test_whoever_must_look_something_up_signs_in_and_out_where_nothing_can_be_written(): void
    {
        // Of a salon that was open before.
        $this->getJson('/api/day')->assertOk();
        DB::statement('PRAGMA query_only = 1');
        $this->app['auth']->forgetGuards();
        $this->postJson('/api/session', ['name' => Staff::query()->value('name'), 'password' => StaffFactory::PASSWORD])->assertOk();
        $this->app['auth']->forgetGuards();
        $this->getJson('/api/day')->assertOk();
        $this->app['auth']->forgetGuards();
        $this->deleteJson('/api/session')->assertNoContent();
        $this->app['auth']->forgetGuards();
        $this->getJson('/api/day')->assertUnauthorized();
    }

    public function test_a_sign_in_on_a_full_disk_is_listed_once_there_is_room_and_can_be_ended(): void
    {
        $staff = Staff::query()->firstOrFail();
        $this->signedInOnAFullDisk($staff);
        $this->asked()->getJson('/api/sign-ins')->assertOk()->assertJsonPath('signIns', []);

        DB::statement('PRAGMA query_only = 0');
        $this->asked()->getJson('/api/day')->assertOk();
        $listed = $this->asked()->getJson('/api/sign-ins')->assertOk()->json('signIns');
        self::assertCount(1, $listed);
        $this->asked()->deleteJson("/api/sign-ins/{$listed[0]['id']}")->assertSuccessful();
        $this->asked()->getJson('/api/day')->assertUnauthorized();
    }

    public function test_a_new_password_ends_a_sign_in_that_stood_in_no_list(): void
    {
        $staff = Staff::query()->firstOrFail();
        $this->signedInOnAFullDisk($staff);
        DB::statement('PRAGMA query_only = 0');
        $staff->forceFill(['password' => 'another-long-password'])->save();
        $this->asked()->getJson('/api/day')->assertUnauthorized();
        self::assertSame(0, SignIn::query()->count(), 'nobody is listed who is signed in nowhere');
    }

    private function signedInOnAFullDisk(Staff $staff): void
    {
        $this->getJson('/api/day')->assertOk();
        $this->flushSession();
        DB::statement('PRAGMA query_only = 1');
        $this->app['auth']->forgetGuards();
        $this->postJson('/api/session', ['name' => $staff->name, 'password' => StaffFactory::PASSWORD])->assertOk();
    }

    /** As a new request finds it: by its session alone. */
    private function asked(): self
    {
        $this->app['auth']->forgetGuards();

        return $this;
    }

    private function note(string $visit): TestResponse
    {
        $mark = [
            'id' => (string) Str::ulid(),
            'kind' => 'note_written',
            'at' => self::now(),
            'device' => (string) Str::ulid(),
            'payload' => ['text' => str_repeat('x', 1900)],
        ];

        return $this->postJson("/api/visits/{$visit}/marks", ['marks' => [$mark]]);
    }

    private static function now(): string
    {
        return CarbonImmutable::now()->format('Y-m-d\TH:i:s\Z');
    }
}
