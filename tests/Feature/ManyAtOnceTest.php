<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;

/** Several processes write to one real database file at the same time, as several tablets do. */
final class ManyAtOnceTest extends TestCase
{
    private const WRITERS = 4;

    private const MARKS_EACH = 15;

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

    public function test_no_mark_is_lost_and_each_gets_a_number_of_its_own(): void
    {
        $this->execute(['php', __DIR__.'/../fixtures/writer.php', 'prepare', '0']);
        $running = [];
        for ($writer = 1; $writer <= self::WRITERS; $writer++) {
            $running[] = proc_open(['php', __DIR__.'/../fixtures/writer.php', (string) $writer, (string) self::MARKS_EACH], [1 => ['pipe', 'w'], 2 => ['pipe', 'w']], $pipes[$writer], null, $this->environment());
        }
        foreach ($running as $index => $process) {
            $said = stream_get_contents($pipes[$index + 1][1]).stream_get_contents($pipes[$index + 1][2]);
            self::assertSame(0, proc_close($process), $said);
        }

        $rows = (new \PDO("sqlite:{$this->database}"))->query("select number, payload from marks where kind = 'note_written' order by number")->fetchAll(\PDO::FETCH_NUM);
        self::assertCount(self::WRITERS * self::MARKS_EACH, $rows);
        self::assertSame(count($rows), count(array_unique(array_column($rows, 0))));
        $last = (new \PDO("sqlite:{$this->database}"))->query('select last_number from visits')->fetchColumn();
        self::assertSame(end($rows)[0], $last);
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
