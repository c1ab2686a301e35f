<?php

declare(strict_types=1);

namespace Tests\Core\Matting;

use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\Dog\Gear;
use HoundCheck\Core\Dog\HomeBrushing;
use HoundCheck\Core\House\MattingRules;
use HoundCheck\Core\Matting\MattingClock;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Dogs;

final class MattingClockTest extends TestCase
{
    /** @param list<Gear> $gear */
    #[DataProvider('places')]
    public function test_a_section_mats_by_the_dogs_clock_the_place_and_the_gear(
        float $clockDays,
        float $place,
        float $grade,
        CoatType $coat,
        float $coatMm,
        array $gear,
        HomeBrushing $home,
        Section $section,
        Grade $atLeast,
    ): void {
        $clock = MattingClock::usual(Dogs::dog(coat: $coat, coatMm: $coatMm), $gear, $home, new MattingRules);

        self::assertEqualsWithDelta(
            1 - exp(-((47 / ($clockDays * $place * $grade)) ** 2)),
            $clock->probability($section, $atLeast, 47),
            1e-12,
        );
    }

    /** @return iterable<string, array{float, float, float, CoatType, float, list<Gear>, HomeBrushing, Section, Grade}> */
    public static function places(): iterable
    {
        yield 'a curly back, not brushed' => [130, 1.6, 1.0, CoatType::Curly, 40, [], HomeBrushing::None, Section::Back, Grade::Mat];
        yield 'a long drop coat behind the ear' => [100, 0.55, 0.65, CoatType::Silky, 76, [], HomeBrushing::None, Section::BehindEarLeft, Grade::Tangle];
        yield 'just under the long drop coat' => [160, 0.55, 0.65, CoatType::Silky, 75, [], HomeBrushing::None, Section::BehindEarLeft, Grade::Tangle];
        yield 'brushed to the skin each week' => [180 * 1.5, 0.8, 1.45, CoatType::Mixed, 40, [], HomeBrushing::WeeklyToTheSkin, Section::Groin, Grade::TightMat];
        yield 'a harness on the chest' => [130, 0.95 * 0.75, 2.2, CoatType::Curly, 40, [Gear::Harness], HomeBrushing::None, Section::Chest, Grade::Pelted];
        yield 'a collar behind the ear' => [130, 0.55 * 0.85, 1.0, CoatType::Curly, 40, [Gear::Collar, Gear::Harness], HomeBrushing::None, Section::BehindEarRight, Grade::Mat];
        yield 'a jumper is not in the table' => [130, 1.2, 1.0, CoatType::Curly, 40, [Gear::Coat], HomeBrushing::None, Section::ShoulderLeft, Grade::Mat];
    }

    public function test_a_day_after_the_comb_out_next_to_nothing_is_expected_and_after_a_year_nearly_all(): void
    {
        $clock = MattingClock::usual(Dogs::dog(coat: CoatType::Curly), [], null, new MattingRules);

        self::assertSame(0.0, $clock->expectedSections(Grade::Tangle, 0));
        self::assertLessThan(0.1, $clock->expectedSections(Grade::Tangle, 1));
        self::assertGreaterThan(28, $clock->expectedSections(Grade::Mat, 365));
    }

    public function test_one_throw_of_the_dice_gives_the_worst_grade_that_is_likelier_than_it(): void
    {
        $clock = MattingClock::ofDays(100, [], new MattingRules);
        $chance = fn(Grade $grade): float => $clock->probability(Section::Tail, $grade, 80);

        self::assertNull($clock->gradeAt(Section::Tail, 80, $chance(Grade::Tangle) + 1e-9));
        self::assertSame(Grade::Tangle, $clock->gradeAt(Section::Tail, 80, $chance(Grade::Tangle) - 1e-9));
        self::assertSame(Grade::Mat, $clock->gradeAt(Section::Tail, 80, $chance(Grade::Mat) - 1e-9));
        self::assertSame(Grade::Pelted, $clock->gradeAt(Section::Tail, 80, 0.0));
        self::assertNull($clock->gradeAt(Section::Tail, 0, 0.0));
    }

    public function test_knots_that_were_washed_and_left_to_dry_are_a_grade_tighter(): void
    {
        $clock = MattingClock::usual(Dogs::dog(coat: CoatType::Curly), [], null, new MattingRules);

        self::assertSame($clock->expectedSections(Grade::Tangle, 40), $clock->expectedSections(Grade::Mat, 40, washedOverKnots: true));
        self::assertSame($clock->expectedSections(Grade::TightMat, 40), $clock->expectedSections(Grade::Pelted, 40, washedOverKnots: true));
        self::assertSame($clock->expectedSections(Grade::Tangle, 40), $clock->expectedSections(Grade::Tangle, 40, washedOverKnots: true));
    }
}
