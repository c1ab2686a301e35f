<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Words\Languages;
use App\Words\Words;
use HoundCheck\Core\Gate\Refusal;
use HoundCheck\Core\House\RuleProblem;
use HoundCheck\Core\Marks\MarkProblem;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Arr;
use MessageFormatter;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** The core answers with reasons; every reason has its sentence, and no figure of it is left in brackets. */
final class WordsTest extends TestCase
{
    use RefreshDatabase;

    private const FIGURES = ['field' => 'mm', 'most' => 3, 'least' => 1, 'known' => 'a, b', 'given' => 'x', 'unit' => 'mm'];

    /** Classes that say in words that the program itself is wrong: for whoever mends it. */
    private const FAULTS_OF_OURS = [
        'BySection',
        'VisitFold',
        'DryArea',
        'FixedNotOffered',
        'FrontierSolver',
        'GradedSection',
        'LengthPart',
        'Mark',
        'TooManyPlans',
        'VisitHasNotArrived',
    ];

    #[DataProvider('reasons')]
    public function test_every_reason_of_the_core_has_its_sentence(string $key): void
    {
        foreach (Languages::all() as $language) {
            $sentence = Words::of($key, self::FIGURES, $language);

            self::assertStringNotContainsString('{', $sentence);
        }
    }

    #[DataProvider('languages')]
    public function test_a_language_says_all_that_english_says_and_names_what_it_names(string $language): void
    {
        $english = Arr::dot((new Words('en'))->group('server'));
        foreach (Arr::dot((new Words($language))->group('server')) as $key => $sentence) {
            self::assertSame(self::named($english[$key]), self::named($sentence), $key);
        }
        self::assertSame(self::files('en'), self::files($language));
        foreach (self::files($language) as $chapter) {
            foreach (Arr::dot((new Words($language))->group($chapter)) as $key => $sentence) {
                self::assertTrue($sentence === '' || MessageFormatter::create($language, $sentence) !== null, "{$chapter}.{$key}");
            }
        }
    }

    /** @return iterable<string, array{string}> */
    public static function languages(): iterable
    {
        foreach (glob(dirname(__DIR__, 2).'/lang/*', GLOB_ONLYDIR) ?: [] as $folder) {
            yield basename($folder) => [basename($folder)];
        }
    }

    /** @return list<string> what a sentence is given to say */
    private static function named(string $sentence): array
    {
        preg_match_all('/\{(\w+)|:(\w+)/', str_replace(['09:15:00Z', 'clip:MM', 'clip:6.3'], '', $sentence), $found);
        sort($found[0]);

        return $found[0];
    }

    /** @return list<string> */
    private static function files(string $language): array
    {
        return array_map(fn(string $file): string => basename($file, '.json'), glob(lang_path("{$language}/*.json")) ?: []);
    }

    public function test_the_server_answers_in_the_language_of_the_screen_and_else_in_the_salons(): void
    {
        $wrong = ['name' => 'Imke', 'password' => 'guess'];
        $said = fn(string $asked): mixed => $this->postJson('/api/session', $wrong, ['Accept-Language' => $asked])->json('fields.name.0');

        self::assertSame('Name und Passwort passen nicht zusammen. Prüfe beides und versuch es noch einmal.', $said('de'));
        self::assertSame('This name and password do not go together. Check both and try again.', $said('en-GB,en;q=0.8'));
        config(['salon.language' => 'de']);
        self::assertStringStartsWith('Name und Passwort', $said('fr'));
        config(['salon.language' => '../../etc']);
        self::assertStringStartsWith('This name and password', $said('fr'));
    }

    /** @return iterable<string, array{string}> */
    public static function reasons(): iterable
    {
        $reasons = ['marks' => MarkProblem::cases(), 'refusals' => Refusal::cases(), 'house.problems' => RuleProblem::cases()];
        foreach ($reasons as $file => $cases) {
            foreach ($cases as $case) {
                yield "{$file}.{$case->value}" => ["{$file}.{$case->value}"];
            }
        }
    }

    public function test_the_core_speaks_no_language(): void
    {
        $spoken = [];
        $core = new \RecursiveDirectoryIterator(base_path('core'), \FilesystemIterator::SKIP_DOTS);
        foreach (new \RecursiveIteratorIterator($core) as $file) {
            foreach (\PhpToken::tokenize((string) file_get_contents((string) $file)) as $token) {
                $text = $token->is([T_CONSTANT_ENCAPSED_STRING, T_ENCAPSED_AND_WHITESPACE]) ? trim($token->text, '\'"') : '';
                if (preg_match('/^[A-Za-z][a-z]* [a-z]+ /', $text) === 1) {
                    $spoken[] = basename((string) $file).": {$text}";
                }
            }
        }

        self::assertSame([], array_values(array_filter(
            $spoken,
            fn(string $line): bool => ! in_array(strtok($line, '.'), self::FAULTS_OF_OURS, true),
        )));
    }
}
