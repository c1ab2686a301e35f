<?php

declare(strict_types=1);

namespace Tests\Core\Memory;

use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\Dog\Gear;
use HoundCheck\Core\Dog\HomeBrushing;
use HoundCheck\Core\House\MemoryRules;
use HoundCheck\Core\Memory\MattingScale;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class MattingScaleTest extends TestCase
{
    #[DataProvider('places')]
    public function test_the_days_of_a_place_come_from_coat_length_place_and_what_rubs(
        float $days,
        CoatType $coat,
        Section $section,
        float $mm = 60,
        string $gear = '',
        string $chewed = '',
        bool $airDries = false,
        int $ageMonths = 48,
    ): void {
        $life = Lives::life(
            gear: $gear === '' ? [] : array_map(Gear::from(...), explode(' ', $gear)),
            chewed: $chewed === '' ? [] : [Section::from($chewed)],
            airDries: $airDries,
            ageMonths: $ageMonths,
        );

        $exposure = (new MattingScale($coat, new MemoryRules))->exposure($section, 42, $mm, $life);

        self::assertEqualsWithDelta($days, 42 / sqrt($exposure), 1e-9);
    }

    /** @return iterable<string, array<int|string, mixed>> */
    public static function places(): iterable
    {
        yield 'a curly muzzle' => [90.0, CoatType::Curly, Section::Muzzle];
        yield 'the back mats last' => [144.0, CoatType::Curly, Section::Back];
        yield 'half as long takes longer' => [90 * 2 ** 0.8, CoatType::Curly, Section::Muzzle, 30];
        yield 'shorter than 8 mm counts as 8' => [90 * 7.5 ** 0.8, CoatType::Curly, Section::Muzzle, 1.5];
        yield 'longer than 200 mm counts as 200' => [95 * 0.3 ** 0.8, CoatType::Silky, Section::Muzzle, 310];
        yield 'a harness in the armpit' => [110 * 0.6 * 0.75, CoatType::Mixed, Section::ArmpitLeft, 'gear' => 'harness'];
        yield 'harness and jumper both rub' => [110 * 0.6 * 0.75 * 0.8, CoatType::Mixed, Section::ArmpitLeft, 'gear' => 'harness coat'];
        yield 'a collar does not rub the tail' => [110 * 0.85, CoatType::Mixed, Section::Tail, 'gear' => 'collar'];
        yield 'wet legs, and the belly' => [110 * 0.9 * 0.85, CoatType::Mixed, Section::Belly, 'gear' => 'wet_legs'];
        yield 'a belly band' => [110 * 0.8 * 0.8, CoatType::Mixed, Section::Groin, 'gear' => 'belly_band'];
        yield 'the foot it chews' => [110 * 0.95 * 0.7, CoatType::Mixed, Section::ForefootLeft, 'chewed' => 'forefoot_l'];
        yield 'not the other one' => [110 * 0.95, CoatType::Mixed, Section::ForefootRight, 'chewed' => 'forefoot_l'];
        yield 'in coat change' => [260 * 0.6, CoatType::Double, Section::Muzzle, 'ageMonths' => 6];
        yield 'over with at 18 months' => [260.0, CoatType::Double, Section::Muzzle, 'ageMonths' => 18];
        yield 'a wire coat does not change' => [300.0, CoatType::Wire, Section::Muzzle, 'ageMonths' => 10];
        yield 'left to dry by itself' => [95 * 0.75, CoatType::Silky, Section::Muzzle, 'airDries' => true];
        yield 'a smooth coat does not mind' => [900.0, CoatType::Smooth, Section::Muzzle, 'airDries' => true];
    }

    #[DataProvider('homes')]
    public function test_home_brushing_takes_away_a_part_and_more_where_it_was_shown(
        float $left,
        HomeBrushing $home,
        bool $shown,
        float $days,
    ): void {
        $scale = new MattingScale(CoatType::Curly, new MemoryRules);
        $unbrushed = $scale->exposure(Section::Tail, $days, 60, Lives::life());

        self::assertEqualsWithDelta($left, $scale->exposure(Section::Tail, $days, 60, Lives::life($home, $shown)) / $unbrushed, 1e-9);
    }

    /** @return iterable<string, array{float, HomeBrushing, bool, float}> */
    public static function homes(): iterable
    {
        yield 'not at all' => [1, HomeBrushing::None, true, 42];
        yield 'weekly, as told' => [0.3 + 0.7 / 6, HomeBrushing::WeeklyToTheSkin, false, 42];
        yield 'weekly, shown' => [0.15 + 0.85 / 6, HomeBrushing::WeeklyToTheSkin, true, 42];
        yield 'twice a week' => [0.3 + 0.7 / 12, HomeBrushing::TwiceAWeekToTheSkin, false, 42];
        yield 'every day' => [0.3 + 0.7 / 42, HomeBrushing::DailyToTheSkin, false, 42];
        yield 'before the first weekly session nothing is taken away' => [1, HomeBrushing::WeeklyToTheSkin, false, 5];
        yield 'the top only, though the test was shown' => [0.85 + 0.15 / 12, HomeBrushing::TopOnly, true, 42];
    }

    public function test_a_worse_grade_takes_longer(): void
    {
        $scale = new MattingScale(CoatType::Curly, new MemoryRules);

        self::assertEqualsWithDelta(
            [0.65 ** 2, 1.0, 1.7 ** 2, 2.8 ** 2],
            array_map($scale->gradeSquared(...), [Grade::Tangle, Grade::Mat, Grade::TightMat, Grade::Pelted]),
            1e-12,
        );
    }
}
