<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Several processes write to one real database file at the same time, as several tablets do. */
final class ManyAtOnceTest extends TestCase
{
    private const WRITERS = 4;

    private const MARKS_EACH = 20;

    private const WRITER = __DIR__.'/../fixtures/writer.php';

    private string $database;

    protected function setUp(): void
    {
        $this->database = (string) tempnam(sys_get_temp_dir(), 'many').'.sqlite';
        touch($this->database);
        $this->execute(['php', 'artisan', 'migrate', '--force', '--quiet']);
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), glob(substr($this->database, 0, -7).'*') ?: []);
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
        $running = $pipes = [];
        for ($writer = 1; $writer <= self::WRITERS; $writer++) {
            $running[] = proc_open(
                ['php', self::WRITER, (string) $writer, (string) self::MARKS_EACH, (string) (100 * $visits + $writer)],
                [1 => ['pipe', 'w'], 2 => ['pipe', 'w']],
                $pipes[$writer],
                null,
                $this->environment(),
            );
        }
        $acknowledged = [];
        foreach ($running as $index => $process) {
            $said = stream_get_contents($pipes[$index + 1][1]);
            $complaint = stream_get_contents($pipes[$index + 1][2]);
            self::assertSame(0, proc_close($process), $said.$complaint);
            array_push($acknowledged, ...array_filter(explode("\n", (string) $said)));
        }

        $stored = $this->rows("select id from marks where kind != 'arrived'");
        self::assertGreaterThan(self::WRITERS * self::MARKS_EACH / 2, count($acknowledged));
        self::assertEqualsCanonicalizing($acknowledged, array_column($stored, 'id'));
        $before = $this->projections();
        $this->execute(['php', 'artisan', 'visits:rebuild']);
        self::assertEquals($before, $this->projections());
    }

    /** @return array<string, list<array<string, mixed>>> */
    private function projections(): array
    {
        $tables = ['visits', 'findings', 'grade_differences', 'work_times', 'work_clocks'];

        return array_combine($tables, array_map(fn(string $table): array => $this->rows("select * from {$table} order by 1, 2"), $tables));
    }

    /** @return list<array<string, mixed>> */
    private function rows(string $sql): array
    {
        return (new \PDO("sqlite:{$this->database}"))->query($sql)->fetchAll(\PDO::FETCH_ASSOC);
    }

    /** @return array<string, string> */
    private function environment(): array
    {
        return ['DB_DATABASE' => $this->database, 'APP_ENV' => 'testing', 'CACHE_STORE' => 'array'] + getenv();
    }

    /** @param list<string> $command */
    private function execute(array $command): void
    {
        $process = proc_open($command, [1 => ['pipe', 'w'], 2 => ['pipe', 'w']], $pipes, dirname(__DIR__, 2), $this->environment());
        $said = stream_get_contents($pipes[1]).stream_get_contents($pipes[2]);
        self::assertSame(0, proc_close($process), $said);
    }
}
