<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\OwnDatabase;

/** Several processes write to one real database at the same time, as several tablets do. */
final class ManyAtOnceTest extends TestCase
{
    private const WRITERS = 4;

    private const MARKS_EACH = 20;

    private const TIMES_EACH = 40;

    private const WRITER = __DIR__.'/../fixtures/writer.php';

    private OwnDatabase $database;

    protected function setUp(): void
    {
        $this->database = OwnDatabase::make();
        $this->execute(['php', 'artisan', 'migrate', '--force', '--quiet']);
    }

    protected function tearDown(): void
    {
        $this->database->drop();
    }

    /** @return iterable<string, array{int}> */
    public static function visits(): iterable
    {
        yield 'all on one visit' => [1];
        yield 'on several visits' => [5];
    }

    #[DataProvider('visits')]
    public function test_no_mark_is_lost_or_doubled_and_the_lists_are_what_the_marks_say(int $visits): void
    {
        $this->execute(['php', self::WRITER, 'prepare', (string) $visits]);
        $acknowledged = $this->atOnce(
            fn(int $writer): array => [(string) $writer, (string) self::MARKS_EACH, (string) (100 * $visits + $writer)],
        );

        $stored = $this->database->rows("select id from marks where kind != 'arrived'");
        self::assertGreaterThan(self::WRITERS * self::MARKS_EACH / 2, count($acknowledged));
        self::assertEqualsCanonicalizing($acknowledged, array_column($stored, 'id'));
        // Each moved its dog on, so that what is kept of it anywhere is drawn anew.
        self::assertSame(count($acknowledged), (int) $this->database->rows('select sum(version) as times from dogs')[0]['times']);
        $before = $this->projections();
        $this->execute(['php', 'artisan', 'visits:rebuild']);
        self::assertEquals($before, $this->projections());
    }

    public function test_the_clock_of_a_groomer_counts_all_of_their_dogs_whoever_writes_at_the_same_time(): void
    {
        $this->execute(['php', self::WRITER, 'prepare', (string) self::WRITERS]);
        $written = $this->atOnce(fn(int $writer): array => ['clocks', (string) ($writer - 1), (string) self::TIMES_EACH, (string) $writer]);
        self::assertCount(self::WRITERS * self::TIMES_EACH, $written);

        $times = $this->database->rows('select count(*) as count, round(cast(sum(log_ratio) as numeric), 6) as sum from work_times');
        $clocks = $this->database->rows('select count, round(cast(log_sum as numeric), 6) as sum from work_clocks');
        self::assertCount(1, $clocks, 'one groomer, one kind of coat, one kind of work');
        self::assertGreaterThan(0, (int) $times[0]['count']);
        self::assertEquals($times, $clocks);
    }

    /**
     * @param \Closure(int): list<string> $arguments of each writer, from 1
     *
     * @return list<string> lines that they said
     */
    private function atOnce(\Closure $arguments): array
    {
        $running = $pipes = $lines = [];
        for ($writer = 1; $writer <= self::WRITERS; $writer++) {
            $running[$writer] = proc_open(
                ['php', self::WRITER, ...$arguments($writer)],
                [1 => ['pipe', 'w'], 2 => ['pipe', 'w']],
                $pipes[$writer],
                null,
                $this->environment(),
            );
        }
        foreach ($running as $writer => $process) {
            self::assertIsResource($process);
            $said = stream_get_contents($pipes[$writer][1]);
            $complaint = stream_get_contents($pipes[$writer][2]);
            self::assertSame(0, proc_close($process), $said.$complaint);
            array_push($lines, ...array_filter(explode("\n", (string) $said), strlen(...)));
        }

        return $lines;
    }

    /** @return array<string, list<array<string, mixed>>> */
    private function projections(): array
    {
        $tables = ['visits', 'findings', 'grade_differences', 'work_times', 'work_clocks'];

        return array_combine($tables, array_map(fn(string $table): array => $this->database->rows("select * from {$table} order by 1, 2"), $tables));
    }

    /** @return array<string, string> */
    private function environment(): array
    {
        return $this->database->environment() + ['APP_ENV' => 'testing', 'CACHE_STORE' => 'array'] + getenv();
    }

    /** @param list<string> $command */
    private function execute(array $command): void
    {
        $process = proc_open($command, [1 => ['pipe', 'w'], 2 => ['pipe', 'w']], $pipes, dirname(__DIR__, 2), $this->environment());
        $said = stream_get_contents($pipes[1]).stream_get_contents($pipes[2]);
        self::assertSame(0, proc_close($process), $said);
    }
}
