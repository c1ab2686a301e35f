<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Database\Closing;
use App\Salon\Backup\UnfinishedSwap;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\Group;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** Nobody writes while a salon's data is copied or swapped, and whoever is killed at it leaves no salon shut. */
#[Group('sqlite')]
final class ClosingTest extends TestCase
{
    private const KILLS = 10;

    private string $folder;

    /** @var list<\PDO> */
    private array $tablets = [];

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/closing-'.bin2hex(random_bytes(6));
        mkdir("{$this->folder}/photos", 0700, true);
    }

    protected function tearDown(): void
    {
        File::deleteDirectory($this->folder);
        parent::tearDown();
    }

    public function test_while_it_is_closed_each_request_is_told_why_and_health_says_it_too(): void
    {
        $this->signIn();
        $closing = $this->app->make(Closing::class);
        $closing->hold(function (): void {
            $day = $this->getJson('/api/day')->assertServiceUnavailable()->assertHeader('Retry-After', 5);
            self::assertStringContainsString('being copied or put back', $day->json('message'));
            $this->getJson('/api/health')->assertServiceUnavailable()->assertJsonPath('status', 'closed');
        });
        $this->getJson('/api/day')->assertOk();
        // Another installation of the same folder has another database, and goes on.
        Closing::of('/elsewhere/salon.sqlite')->hold(fn() => $this->getJson('/api/day')->assertOk());
    }

    public function test_who_is_killed_while_it_is_closed_has_opened_it(): void
    {
        $code = 'require "vendor/autoload.php"; (require "bootstrap/app.php")->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();'
            .'app(App\Database\Closing::class)->hold(function () { proc_open(["sleep", "20"], [], $pipes); echo "closed"; sleep(60); });';
        $holds = $this->php(['-r', $code]);
        $holds->start();
        $holds->waitUntil(fn(string $type, string $said): bool => str_contains($said, 'closed'));
        $closing = Closing::of($this->database());
        self::assertTrue($closing->isClosed());
        $holds->signal(SIGKILL);
        $holds->wait();
        // What it starts is a copy of it until it has become what it runs; this may be a moment after the kill.
        for ($until = microtime(true) + 5; $closing->isClosed() && microtime(true) < $until;) {
            usleep(50_000);
        }
        self::assertFalse($closing->isClosed(), 'whatever it had started goes on, and shuts nothing');
    }

    public function test_a_restore_that_is_killed_anywhere_leaves_the_salon_whole_and_open(): void
    {
        touch($this->database());
        $this->artisanOf('migrate', '--force');
        $this->php(['tests/fixtures/writer.php', 'prepare', '3'])->mustRun();
        $this->artisanOf('salon:backup');
        [$backup] = glob("{$this->folder}/backups/*.zip") ?: [''];
        $this->write();
        self::assertSame(1, $this->written());

        $began = microtime(true);
        $this->artisanOf('salon:restore', $backup, '--yes');
        $seconds = microtime(true) - $began;
        self::assertSame(0, $this->written());
        $ended = [];
        for ($kill = 1; $kill <= self::KILLS; $kill++) {
            $this->write();
            $there = $this->written();
            $restore = $this->php(['artisan', 'salon:restore', $backup, '--yes']);
            $restore->start();
            usleep((int) (1_000_000 * $seconds * $kill / self::KILLS));
            $restore->isRunning() ? $restore->signal(SIGKILL) : null;
            $restore->wait();
            // The next start, whatever it is.
            $this->artisanOf('migrate', '--force');
            self::assertContains($this->written(), [$there, 0], "after {$kill} of ".self::KILLS);
            self::assertFalse(Closing::of($this->database())->isClosed());
            self::assertFileDoesNotExist("{$this->database()}.swapping");
            self::assertSame('ok', (new \PDO("sqlite:{$this->database()}"))->query('pragma integrity_check')->fetchColumn());
            $ended[] = $this->written() === 0 ? 'restored' : 'as it was';
        }
        self::assertContains('as it was', $ended, 'some were killed before they were done');
    }

    public function test_names_that_were_changed_by_half_are_taken_back_at_the_next_start(): void
    {
        $at = "{$this->folder}/salon.sqlite";
        [$before, $restored] = ["{$at}.before-20261201-101500", "{$at}.restored"];
        $moves = [["{$at}-wal", "{$before}-wal"], [$at, $before], [$restored, $at]];
        foreach ([0, 1, 2, 3] as $done) {
            File::put("{$at}-wal", 'what was there, its latest');
            File::put($at, 'what was there');
            File::put($restored, 'what comes');
            UnfinishedSwap::of($at)->begin($moves);
            array_map(fn(array $move): bool => rename(...$move), array_slice($moves, 0, $done));
            // The restored one was opened and written to.
            $done === 3 ? File::put("{$at}-wal", 'of what came') : null;
            UnfinishedSwap::of($at)->takeBack(Closing::of($at));
            self::assertSame(
                ['what was there', 'what was there, its latest', 'what comes'],
                [File::get($at), File::get("{$at}-wal"), File::get($restored)],
                "{$done} of 3",
            );
            self::assertFileDoesNotExist("{$at}.swapping");
            File::delete("{$restored}-wal");
        }
    }

    /** Something that the backup does not hold; a connection that stays leaves it beside the file, as tablets do. */
    private function write(): void
    {
        $this->tablets[] = $pdo = new \PDO("sqlite:{$this->database()}");
        $pdo->exec("insert into house_log (id, at, kind, about) values ('".Str::ulid()."', '2026-06-09 09:00:00', 'probe', '{}')");
    }

    private function written(): int
    {
        $pdo = new \PDO("sqlite:{$this->database()}");
        self::assertSame(3, (int) $pdo->query('select count(*) from visits')->fetchColumn());

        return (int) $pdo->query("select count(*) from house_log where kind = 'probe'")->fetchColumn();
    }

    private function database(): string
    {
        return "{$this->folder}/salon.sqlite";
    }

    private function artisanOf(string ...$command): void
    {
        $this->php(['artisan', ...$command])->mustRun();
    }

    /** @param list<string> $command */
    private function php(array $command): Process
    {
        return new Process([PHP_BINARY, ...$command], base_path(), [
            'DB_CONNECTION' => 'sqlite', 'DB_DATABASE' => $this->database(), 'PHOTOS_FOLDER' => "{$this->folder}/photos",
            'BACKUP_FOLDER' => "{$this->folder}/backups", 'APP_ENV' => 'production', 'CACHE_STORE' => 'array',
        ], timeout: 120);
    }
}
