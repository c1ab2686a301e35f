<?php

declare(strict_types=1);

namespace Tests\Core\Effort;

use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\Effort\Effort;
use HoundCheck\Core\House\EffortRates;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Dogs;

/** Figures worked out by hand from the formulas for a 10 kg dog: 4 688.0 cm² of skin. */
final class EffortTest extends TestCase
{
    private const SURFACE = 4688.00471;

    public function test_line_minutes_are_lines_times_length_at_the_coats_pace(): void
    {
        $area = 0.07 * self::SURFACE;
        $climb = sqrt($area / 3.0);
        $expected = 1.2 * ceil($climb / 1.5) * (3.0 * $climb) * 0.30 * 1.15 * (0.6 + 0.40) / 60;

        self::assertEqualsWithDelta($expected, $this->effort(CoatType::Curly, 40)->lineMinutes(Section::Back), 1e-4);
    }

    #[DataProvider('lengths')]
    public function test_the_length_factor_stays_within_its_bounds(float $mm, float $factor): void
    {
        $reference = $this->effort(CoatType::Mixed, 40)->lineMinutes(Section::Back);

        self::assertEqualsWithDelta($factor, $this->effort(CoatType::Mixed, $mm)->lineMinutes(Section::Back) / $reference, 1e-9);
    }

    /** @return iterable<string, array{float, float}> */
    public static function lengths(): iterable
    {
        yield 'at 40 mm it is 1' => [40, 1.0];
        yield 'at 90 mm it is 1.5' => [90, 1.5];
        yield 'from 140 mm on it is 2' => [140, 2.0];
        yield 'at 210 mm it is still 2' => [210, 2.0];
    }

    public function test_a_section_of_another_length_takes_that_length(): void
    {
        $long = new Effort(Dogs::dog(10, CoatType::Mixed, 40, sectionMm: ['tail' => 90.0]), new EffortRates);
        $even = $this->effort(CoatType::Mixed, 40);

        self::assertEqualsWithDelta(1.5, $long->lineMinutes(Section::Tail) / $even->lineMinutes(Section::Tail), 1e-9);
        self::assertSame($even->lineMinutes(Section::Back), $long->lineMinutes(Section::Back));
    }

    #[DataProvider('mats')]
    public function test_mat_minutes_rise_with_grade_share_and_coat(CoatType $coat, Grade $grade, float $share, float $seconds): void
    {
        self::assertEqualsWithDelta(
            0.07 * self::SURFACE * $share * $seconds / 60,
            $this->effort($coat, 40)->matMinutes(Section::Back, $grade, $share),
            1e-4,
        );
    }

    /** @return iterable<string, array{CoatType, Grade, float, float}> */
    public static function mats(): iterable
    {
        yield 'tangle, mixed' => [CoatType::Mixed, Grade::Tangle, 0.1, 0.6];
        yield 'mat, curly' => [CoatType::Curly, Grade::Mat, 0.3, 2 * 1.2];
        yield 'tight mat, silky' => [CoatType::Silky, Grade::TightMat, 0.5, 4 * 0.9];
    }

    public function test_tight_mats_are_slower_to_clip(): void
    {
        $effort = $this->effort(CoatType::Mixed, 40);

        self::assertEqualsWithDelta(0.07 * self::SURFACE * 0.25 / 60, $effort->clipMinutes(Section::Back, Grade::Mat, 0.5), 1e-4);
        self::assertEqualsWithDelta(
            1.5,
            $effort->clipMinutes(Section::Back, Grade::TightMat, 0.5) / $effort->clipMinutes(Section::Back, Grade::Mat, 0.5),
            1e-9,
        );
    }

    public function test_bath_and_drying_are_forecast_from_the_whole_dog(): void
    {
        $effort = $this->effort(CoatType::Double, 40);

        self::assertEqualsWithDelta(6 + self::SURFACE * 0.06 / 60, $effort->bathMinutes(), 1e-4);
        self::assertEqualsWithDelta(self::SURFACE * 0.15 * 1.0 * 1.5 / 60, $effort->dryMinutes(), 1e-4);
    }

    private function effort(CoatType $coat, float $mm): Effort
    {
        return new Effort(Dogs::dog(10, $coat, $mm), new EffortRates);
    }
}
