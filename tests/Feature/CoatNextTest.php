<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Formats\DogHistoryFile;
use App\Formats\NextVisitJson;
use HoundCheck\Core\House\HouseRules;
use Illuminate\Contracts\Process\ProcessResult;
use Illuminate\Support\Facades\Process;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class CoatNextTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function examples(): iterable
    {
        foreach (range('a', 'd') as $letter) {
            yield "history {$letter}" => [$letter];
        }
    }

    #[DataProvider('examples')]
    public function test_the_examples_come_to_what_they_say(string $letter): void
    {
        ['history' => $history, 'expected' => $expected] = self::example($letter);
        $printed = NextVisitJson::of((new DogHistoryFile)->read((string) json_encode($history), HouseRules::shop()));

        self::assertGreaterThan(400, $this->compared($expected, $printed, "history {$letter}"));
    }

    public function test_the_command_prints_the_same_as_json(): void
    {
        ['history' => $history, 'expected' => $expected] = self::example('c');
        $run = $this->coatNext((string) json_encode($history));

        self::assertSame(0, $run->exitCode());
        self::assertGreaterThan(400, $this->compared($expected, json_decode($run->output(), true, flags: JSON_THROW_ON_ERROR), 'printed'));
    }

    public function test_how_long_its_coat_grows_is_taken_from_the_card(): void
    {
        $history = self::example('c')['history'];
        $usual = $this->report($history);
        $history['dog']['natural_mm'] = 90;

        self::assertGreaterThan($usual['forecast'][8]['minutes'], $this->report($history)['forecast'][8]['minutes']);
    }

    public function test_a_wrong_file_names_each_field_and_prints_nothing_that_could_be_taken_for_an_answer(): void
    {
        $history = self::example('b')['history'];
        unset($history['now']['home']);
        $history['dog']['coat'] = 'fluffy';
        $history['visits'][1]['sections']['tail'] = ['days' => 0, 'grade' => 6];
        $history['visits'][2]['gear'] = ['hat'];
        $history['visits'][2]['wing'] = true;
        $history['owner_sessions'] = 8;
        $run = $this->coatNext((string) json_encode($history));

        self::assertSame([1, ''], [$run->exitCode(), $run->output()]);
        $problems = explode("\n", trim($run->errorOutput()));
        sort($problems);
        self::assertSame([
            'dog.coat: must be one of silky, curly, double, wire, smooth, mixed',
            'now.home: is missing',
            'owner_sessions: must be 7 or less',
            'visits.1.sections.tail.days: must be 1 or more',
            'visits.1.sections.tail.grade: must be 5 or less',
            'visits.2.gear.0: must be one of collar, harness, coat, belly_band, wet_legs',
            'visits.2.wing: is not a field of this format',
        ], $problems);
    }

    public function test_an_empty_list_where_an_object_belongs_is_taken_for_one(): void
    {
        $history = self::example('a')['history'];
        $history['dog']['section_mm'] = $history['now']['section_mm'] = [];
        $history['visits'] = [['age_months' => 58, 'home' => 'none', 'coat_mm' => 60, 'section_mm' => [], 'sections' => []]];

        self::assertSame(self::example('a')['expected']['recommended_weeks'], $this->report($history)['recommended_weeks']);
    }

    /** @return array{history: array<string, mixed>, expected: array<string, mixed>} */
    private static function example(string $letter): array
    {
        $path = dirname(__DIR__)."/corpus/dog-histories/dog-history-{$letter}.json";

        return json_decode((string) file_get_contents($path), true, flags: JSON_THROW_ON_ERROR);
    }

    /**
     * @param array<string, mixed> $history
     *
     * @return array<string, mixed>
     */
    private function report(array $history): array
    {
        return NextVisitJson::of((new DogHistoryFile)->read((string) json_encode($history), HouseRules::shop()));
    }

    private function coatNext(string $json): ProcessResult
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'history');
        file_put_contents($path, $json);
        try {
            return Process::path(base_path())->run([PHP_BINARY, 'artisan', 'coat:next', $path]);
        } finally {
            unlink($path);
        }
    }

    /** @return int how many values were held against each other; numbers to a millionth */
    private function compared(mixed $expected, mixed $found, string $where): int
    {
        if (is_array($expected)) {
            self::assertIsArray($found, $where);
            self::assertSame(array_keys($expected), array_keys($found), $where);
            $count = 0;
            foreach ($expected as $key => $value) {
                $count += $this->compared($value, $found[$key], "{$where}.{$key}");
            }

            return $count;
        }
        is_float($expected)
            ? self::assertEqualsWithDelta($expected, $found, 1e-6, $where)
            : self::assertEquals($expected, $found, $where);

        return 1;
    }
}
