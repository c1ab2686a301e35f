<?php

declare(strict_types=1);

namespace Tests\Core\CombCheck;

use HoundCheck\Core\CombCheck\Comb;
use HoundCheck\Core\CombCheck\CombCheck;
use HoundCheck\Core\CombCheck\FineComb;
use HoundCheck\Core\CombCheck\Grader;
use HoundCheck\Core\CombCheck\GradeRule;
use HoundCheck\Core\CombCheck\InvalidCombCheck;
use HoundCheck\Core\CombCheck\Opens;
use HoundCheck\Core\CombCheck\SkinLine;
use HoundCheck\Core\CombCheck\Verdict;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class GraderTest extends TestCase
{
    #[DataProvider('graded')]
    public function test_the_first_rule_that_matches_gives_the_grade(int $grade, GradeRule $rule, CombCheck $check): void
    {
        $grading = (new Grader)->grade($check);

        self::assertSame([$grade, $rule], [$grading->grade?->value, $grading->rule]);
    }

    /** @return iterable<string, array{int, GradeRule, CombCheck}> */
    public static function graded(): iterable
    {
        $stops = fn(mixed ...$more): CombCheck => new CombCheck(...['comb' => Comb::Stops, 'skinLine' => SkinLine::Clear, ...$more]);
        $shut = fn(mixed ...$more): CombCheck => new CombCheck(...['comb' => Comb::CannotEnter, ...$more]);

        yield 'pelted: shut out, skin hidden, half of it matted' => [5, GradeRule::PeltedAll, $shut(skinLine: SkinLine::Hidden, mattedShare: 0.5)];
        yield 'just under half is not pelted' => [4, GradeRule::CannotEnter, $shut(skinLine: SkinLine::Hidden, mattedShare: 0.49)];
        yield 'shut out with skin to be seen is tight' => [4, GradeRule::CannotEnter, $shut(skinLine: SkinLine::Patchy, mattedShare: 0.9)];
        yield 'shut out and nobody judged how much is tight' => [4, GradeRule::CannotEnter, $shut(skinLine: SkinLine::Hidden)];
        yield 'stops over hidden skin is tight' => [4, GradeRule::SkinHidden, $stops(skinLine: SkinLine::Hidden, opens: Opens::Fingers)];
        yield 'opens by nothing is tight' => [4, GradeRule::OpensByNothing, $stops(opens: Opens::No)];
        yield 'under 3 mm from the skin is tight' => [4, GradeRule::CloseToSkin, $stops(opens: Opens::Fingers, liftMm: 2.9)];
        yield 'a small one close to the skin is not' => [2, GradeRule::CombStops, $stops(opens: Opens::Fingers, liftMm: 1.0, largestMm: 9.9)];
        yield 'one of 10 mm is' => [4, GradeRule::CloseToSkin, $stops(opens: Opens::Fingers, liftMm: 1.0, largestMm: 10.0)];
        yield 'at 3 mm it is not' => [2, GradeRule::CombStops, $stops(opens: Opens::Fingers, liftMm: 3.0)];
        yield 'opens by a tool only is a mat' => [3, GradeRule::OpensByTool, $stops(opens: Opens::Tool)];
        yield 'the dog minds it: a mat' => [3, GradeRule::Tender, $stops(opens: Opens::Fingers, tender: true)];
        yield 'a quarter matted is a mat' => [3, GradeRule::MuchMatted, $stops(opens: Opens::Fingers, mattedShare: 0.25)];
        yield 'just under a quarter is a tangle' => [2, GradeRule::CombStops, $stops(opens: Opens::Fingers, mattedShare: 0.24)];
        yield 'a mat of 25 mm is a mat' => [3, GradeRule::LargeMat, $stops(opens: Opens::Fingers, largestMm: 25.0)];
        yield 'one of 24 mm is a tangle' => [2, GradeRule::CombStops, $stops(opens: Opens::Fingers, largestMm: 24.0)];
        yield 'stops, nothing else known: a tangle' => [2, GradeRule::CombStops, new CombCheck(Comb::Stops)];
        yield 'stops over patchy skin: a tangle' => [2, GradeRule::CombStops, $stops(skinLine: SkinLine::Patchy, opens: Opens::Fingers)];
        yield 'catches over clear skin: drag' => [1, GradeRule::CombCatches, new CombCheck(Comb::Catches, SkinLine::Clear)];
        yield 'loose undercoat under a comb that glides: drag' => [1, GradeRule::UndercoatPacked, new CombCheck(Comb::Glides, SkinLine::Packed)];
        yield 'and under one that catches' => [1, GradeRule::UndercoatPacked, new CombCheck(Comb::Catches, SkinLine::Packed)];
        yield 'a knot in packed undercoat is a knot' => [2, GradeRule::CombStops, $stops(skinLine: SkinLine::Packed)];
        yield 'lift, opening and share say nothing where the comb glides' => [0, GradeRule::AllClear, new CombCheck(Comb::Glides, SkinLine::Clear, opens: Opens::No, mattedShare: 0.9, liftMm: 1)];
        yield 'the fine comb catches: drag' => [1, GradeRule::FineCombHolds, new CombCheck(Comb::Glides, SkinLine::Clear, FineComb::Catches)];
        yield 'the fine comb stops: drag' => [1, GradeRule::FineCombHolds, new CombCheck(Comb::Glides, SkinLine::Clear, FineComb::Stops)];
        yield 'both combs glide over clear skin: clear' => [0, GradeRule::AllClear, new CombCheck(Comb::Glides, SkinLine::Clear, FineComb::Glides)];
        yield 'the wide comb glides over clear skin: clear' => [0, GradeRule::AllClear, new CombCheck(Comb::Glides, SkinLine::Clear)];
    }

    #[DataProvider('combedOverTheTop')]
    public function test_a_comb_that_ran_over_the_top_gives_no_grade_but_is_asked_again(GradeRule $rule, CombCheck $check): void
    {
        $grading = (new Grader)->grade($check);

        self::assertSame([Verdict::CombAgain, null, $rule], [$grading->verdict, $grading->grade, $grading->rule]);
    }

    /** @return iterable<string, array{GradeRule, CombCheck}> */
    public static function combedOverTheTop(): iterable
    {
        yield 'glides over a hidden skin line' => [GradeRule::SkinNotClear, new CombCheck(Comb::Glides, SkinLine::Hidden)];
        yield 'glides over a patchy skin line' => [GradeRule::SkinNotClear, new CombCheck(Comb::Glides, SkinLine::Patchy, FineComb::Glides)];
        yield 'catches over a patchy skin line' => [GradeRule::SkinNotClear, new CombCheck(Comb::Catches, SkinLine::Patchy)];
        yield 'catches over a hidden skin line' => [GradeRule::SkinNotClear, new CombCheck(Comb::Catches, SkinLine::Hidden)];
        yield 'glides and nobody looked' => [GradeRule::NobodyLooked, new CombCheck(Comb::Glides)];
        yield 'catches and nobody looked' => [GradeRule::NobodyLooked, new CombCheck(Comb::Catches)];
    }

    public function test_without_a_comb_the_section_is_not_checked_whatever_else_was_seen(): void
    {
        $grading = (new Grader)->grade(new CombCheck(skinLine: SkinLine::Hidden, mattedShare: 0.9));

        self::assertSame([Verdict::NotChecked, null], [$grading->verdict, $grading->grade]);
    }

    #[DataProvider('impossible')]
    public function test_a_result_that_no_hand_can_find_is_refused_by_name(string $field, array $answers): void
    {
        try {
            new CombCheck(...$answers);
            self::fail('It was taken.');
        } catch (InvalidCombCheck $refused) {
            self::assertSame($field, $refused->field);
        }
    }

    /** @return iterable<string, array{string, array<string, float>}> */
    public static function impossible(): iterable
    {
        yield 'more than all of it' => ['matted_share', ['mattedShare' => 1.01]];
        yield 'less than nothing' => ['matted_share', ['mattedShare' => -0.1]];
        yield 'a negative mat' => ['largest_mm', ['largestMm' => -1.0]];
        yield 'a mat inside the skin' => ['lift_mm', ['liftMm' => -0.5]];
    }
}
