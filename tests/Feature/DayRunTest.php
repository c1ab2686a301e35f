<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Formats\DayFile;
use App\Formats\DayRunJson;
use App\Formats\UnreadableFile;
use Illuminate\Contracts\Process\ProcessResult;
use Illuminate\Support\Facades\Process;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class DayRunTest extends TestCase
{
    #[DataProvider('examples')]
    public function test_the_examples_come_to_what_they_say(string $letter): void
    {
        ['day' => $day, 'expected' => $expected] = self::example($letter);

        self::assertComesTo($expected, DayRunJson::of((new DayFile)->read((string) json_encode($day))));
    }

    /** @return iterable<string, array{string}> */
    public static function examples(): iterable
    {
        yield 'one dryer' => ['a'];
        yield 'two dryers' => ['b'];
    }

    public function test_the_command_prints_the_same_as_json(): void
    {
        ['day' => $day, 'expected' => $expected] = self::example('a');
        $run = $this->dayRun((string) json_encode($day));

        self::assertSame(0, $run->exitCode());
        self::assertComesTo($expected, json_decode($run->output(), true, flags: JSON_THROW_ON_ERROR));
    }

    public function test_a_wrong_file_names_each_field_and_prints_nothing_that_could_be_taken_for_an_answer(): void
    {
        $day = self::example('a')['day'];
        $day['tubs'] = -1;
        $day['dogs'][1]['steps'][0]['kind'] = 'clip';
        unset($day['dogs'][2]['promised']);
        $run = $this->dayRun((string) json_encode($day));

        self::assertSame([1, ''], [$run->exitCode(), $run->output()]);
        $problems = explode("\n", trim($run->errorOutput()));
        sort($problems);
        self::assertSame([
            'dogs.1.steps.0.kind: must be one of inspect, answer, brush, bath, dry, check, finish',
            'dogs.2.promised: is missing',
            'tubs: must be 0 or more',
        ], $problems);
    }

    public function test_what_a_schema_cannot_say_is_told_too(): void
    {
        $day = self::example('a')['day'];
        $day['dogs'][1]['id'] = 'dog1';
        $day['dogs'][1]['in_hand'] = true;
        $day['dogs'][0]['groomer'] = 'zoe';
        $day['dogs'][2]['steps'][] = $day['dogs'][2]['steps'][0];
        try {
            (new DayFile)->read((string) json_encode($day));
            self::fail('It was read.');
        } catch (UnreadableFile $wrong) {
            self::assertSame([
                'dogs.1.id: is there twice',
                'dogs.0.groomer: is none of the day\'s groomers',
                'dogs.1.in_hand: needs the groomer who has it in hand',
                'dogs.2.steps.5.kind: is there twice',
            ], $wrong->problems);
        }
    }

    public function test_a_day_without_dogs_is_printed_as_one(): void
    {
        $day = [...self::example('a')['day'], 'dogs' => []];

        self::assertSame('{"ready":{},"starts":[]}', json_encode(json_decode($this->dayRun((string) json_encode($day))->output())));
    }

    /** @return array{day: array<string, mixed>, expected: array<string, mixed>} */
    private static function example(string $letter): array
    {
        return json_decode((string) file_get_contents(dirname(__DIR__)."/corpus/days/day-{$letter}.json"), true, flags: JSON_THROW_ON_ERROR);
    }

    private function dayRun(string $json): ProcessResult
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'day');
        file_put_contents($path, $json);
        try {
            return Process::path(base_path())->run([PHP_BINARY, 'artisan', 'day:run', $path]);
        } finally {
            unlink($path);
        }
    }

    /**
     * @param array<string, mixed> $expected
     * @param array<string, mixed> $found
     */
    private static function assertComesTo(array $expected, array $found): void
    {
        $ready = (array) $found['ready'];
        self::assertSame(array_keys($expected['ready']), array_keys($ready));
        foreach ($expected['ready'] as $dog => $at) {
            $at === null ? self::assertNull($ready[$dog], $dog) : self::assertEqualsWithDelta($at, $ready[$dog], 1e-6, $dog);
        }
        self::assertCount(count($expected['starts']), $found['starts']);
        foreach ($expected['starts'] as $place => $start) {
            self::assertEqualsWithDelta($start[0], $found['starts'][$place][0], 1e-6, "start {$place}");
            self::assertSame(array_slice($start, 1), array_slice($found['starts'][$place], 1), "start {$place}");
        }
    }
}
