<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Words;
use HoundCheck\Core\House\RuleProblem;
use HoundCheck\Core\Marks\MarkProblem;
use HoundCheck\Core\Visit\Refusal;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** The core answers with reasons; every reason has its sentence, and no figure of it is left in brackets. */
final class WordsTest extends TestCase
{
    private const FIGURES = ['field' => 'mm', 'most' => 3, 'least' => 1, 'known' => 'a, b', 'given' => 'x', 'unit' => 'mm'];

    /** Classes that say in words that the program itself is wrong: for whoever mends it. */
    private const FAULTS_OF_OURS = [
        'BySection',
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
        $sentence = Words::of($key, self::FIGURES);

        self::assertNotSame($key, $sentence, 'It has no sentence.');
        self::assertDoesNotMatchRegularExpression('/:[a-z]+(?![\w"])/', str_replace(['09:15:00Z', 'clip:MM', 'clip:6.3'], '', $sentence));
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
