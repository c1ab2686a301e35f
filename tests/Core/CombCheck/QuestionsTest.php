<?php

declare(strict_types=1);

namespace Tests\Core\CombCheck;

use HoundCheck\Core\CombCheck\Comb;
use HoundCheck\Core\CombCheck\CombCheck;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\CombCheck\Grader;
use HoundCheck\Core\CombCheck\Guide;
use HoundCheck\Core\CombCheck\NextQuestion;
use HoundCheck\Core\CombCheck\Opens;
use HoundCheck\Core\CombCheck\Question;
use HoundCheck\Core\CombCheck\SkinLine;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class QuestionsTest extends TestCase
{
    #[DataProvider('nextQuestions')]
    public function test_the_check_asks_only_what_it_still_needs(?Question $expected, CombCheck $check): void
    {
        self::assertSame($expected, (new NextQuestion)->after($check));
    }

    /** @return iterable<string, array{Question|null, CombCheck}> */
    public static function nextQuestions(): iterable
    {
        yield 'first the comb' => [Question::Comb, new CombCheck];
        yield 'a clear section asks nothing more' => [null, new CombCheck(Comb::Glides, SkinLine::Clear)];
        yield 'drag asks nothing more' => [null, new CombCheck(Comb::Catches, SkinLine::Clear)];
        yield 'a glide wants the skin line looked at' => [Question::SkinLine, new CombCheck(Comb::Glides)];
        yield 'combed over the top: comb again, no question' => [null, new CombCheck(Comb::Glides, SkinLine::Patchy)];
        yield 'a stop asks for the skin line' => [Question::SkinLine, new CombCheck(Comb::Stops)];
        yield 'then how it opens' => [Question::Opens, new CombCheck(Comb::Stops, SkinLine::Patchy)];
        yield 'over hidden skin how it opens no longer matters' => [Question::MattedShare, new CombCheck(Comb::Stops, SkinLine::Hidden)];
        yield 'then how much' => [Question::MattedShare, new CombCheck(Comb::Stops, SkinLine::Clear, opens: Opens::Fingers)];
        yield 'then how close to the skin' => [Question::LiftMm, new CombCheck(Comb::Stops, SkinLine::Clear, opens: Opens::Fingers, mattedShare: 0.1)];
        yield 'then nothing' => [null, new CombCheck(Comb::Stops, SkinLine::Clear, opens: Opens::Fingers, mattedShare: 0.1, liftMm: 9.0)];
        yield 'shut out: how it opens is not asked' => [Question::MattedShare, new CombCheck(Comb::CannotEnter, SkinLine::Patchy)];
    }

    public function test_grades_still_possible_narrow_with_each_answer(): void
    {
        $next = new NextQuestion;
        $possible = fn(CombCheck $check): array => array_map(fn(Grade $grade): int => $grade->value, $next->possibleGrades($check));

        self::assertSame([0, 1, 2, 3, 4, 5], $possible(new CombCheck));
        self::assertSame([2, 3, 4], $possible(new CombCheck(Comb::Stops, SkinLine::Patchy)));
        self::assertSame([3, 4], $possible(new CombCheck(Comb::Stops, SkinLine::Patchy, opens: Opens::Tool)));
        self::assertSame([4, 5], $possible(new CombCheck(Comb::CannotEnter, SkinLine::Hidden)));
        self::assertSame([4], $possible(new CombCheck(Comb::CannotEnter, SkinLine::Clear)));
        self::assertSame([0], $possible(new CombCheck(Comb::Glides, SkinLine::Clear)));
    }

    public function test_the_guide_answers_as_the_rules_do_for_any_figures(): void
    {
        $guide = new Guide;
        $steps = $guide->steps();
        $grader = new Grader;
        foreach ([null, 0.0, 0.2, 0.25, 0.4, 0.5, 1.0] as $share) {
            foreach ([null, 0.0, 2.9, 3.0, 40.0] as $lift) {
                foreach ([null, ...SkinLine::cases()] as $skin) {
                    foreach ([null, ...Opens::cases()] as $opens) {
                        foreach ([false, true] as $tender) {
                            foreach ([null, 9.9, 10.0, 24.0, 25.0] as $largest) {
                                $check = new CombCheck(
                                    Comb::Stops,
                                    $skin,
                                    opens: $opens,
                                    mattedShare: $share,
                                    largestMm: $largest,
                                    liftMm: $lift,
                                    tender: $tender,
                                );
                                $key = implode(
                                    '|',
                                    [
                                        'stops',
                                        $skin->value ?? '-',
                                        $opens->value ?? '-',
                                        self::band($share, [0.25, 0.5]),
                                        self::band($largest, [10, 25]),
                                        self::band($lift, [3]),
                                        $tender ? '1' : '-',
                                    ],
                                );
                                self::assertEquals($grader->grade($check), $steps[$key]->grading, $key);
                                self::assertSame((new NextQuestion)->after($check), $steps[$key]->asks, $key);
                            }
                        }
                    }
                }
            }
        }
    }

    /** @param list<float|int> $thresholds */
    private static function band(?float $value, array $thresholds): string
    {
        return $value === null ? '-' : (string) count(array_filter($thresholds, fn(float|int $threshold): bool => $threshold <= $value));
    }
}
