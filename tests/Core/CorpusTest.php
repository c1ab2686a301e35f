<?php

declare(strict_types=1);

namespace Tests\Core;

use HoundCheck\Core\CoreVersion;
use HoundCheck\Core\Gate\AtTheGate;
use HoundCheck\Core\Visit\Known;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Whole visits as text: what the hands did above, what stands below. A changed rule shows here as changed figures. */
final class CorpusTest extends TestCase
{
    private const FOLDER = __DIR__.'/../corpus/visits';

    /** @return iterable<string, array{string}> */
    public static function visits(): iterable
    {
        foreach (glob(self::FOLDER.'/*.txt') ?: [] as $file) {
            yield basename($file, '.txt') => [$file];
        }
    }

    #[DataProvider('visits')]
    public function test_what_stands_is_what_the_marks_say(string $file): void
    {
        [$marks, $expected] = self::parts($file);

        self::assertSame($expected, implode("\n", CorpusVisit::play($marks)->report()));
    }

    #[DataProvider('visits')]
    public function test_any_beginning_of_a_visit_can_be_read(string $file): void
    {
        $scene = CorpusVisit::play(self::parts($file)[0])->scene();
        $here = AtTheGate::of([], new Known($scene->rules));
        $every = count($scene->marks) > 150 ? 7 : 1;
        foreach ($scene->marks as $index => $mark) {
            $here->take($mark);
            if ($index % $every === 0) {
                $visit = $here->report();
                self::assertGreaterThanOrEqual(0.0, $visit->borne->left());
                $visit->gate($scene->now());
                $visit->wishes();
            }
        }
        self::assertSame($scene->report()->totals->minutes, $here->report()->totals->minutes);
    }

    public function test_there_are_visits_enough_to_show_a_change(): void
    {
        self::assertGreaterThanOrEqual(40, count(iterator_to_array(self::visits())));
    }

    /**
     * A kept judgement names the version of the core; so that it is never forgotten, the version stands beside a print of
     * what the corpus comes to.
     */
    public function test_a_change_of_results_asks_for_a_new_version(): void
    {
        $results = '';
        foreach (self::visits() as $name => [$file]) {
            $results .= "{$name}\n".implode("\n", CorpusVisit::play(self::parts($file)[0])->report())."\n";
        }
        foreach (glob(__DIR__.'/../corpus/coat-cases/coat-case-*.json') ?: [] as $file) {
            $results .= (string) file_get_contents($file);
        }
        $print = substr(hash('sha256', $results), 0, 16);

        self::assertSame(
            $print,
            CoreVersion::RESULTS,
            'The core gives other results than the version it names. Raise CoreVersion::CURRENT and set RESULTS to '.$print,
        );
    }

    /** @return array{string, string} */
    public static function parts(string $file): array
    {
        [$marks, $expected] = explode("\n----\n", (string) file_get_contents($file)) + [1 => ''];

        return [substr($marks, (int) strpos($marks, "\n")), trim($expected)];
    }
}
