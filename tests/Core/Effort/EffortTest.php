<?php

declare(strict_types=1);

namespace Tests\Core\Effort;

use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\Dog\Dog;
use HoundCheck\Core\Dog\Temperament;
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
        $expected = 1.2 * ceil($climb / 1.5) * (3.0 * $climb) * 0.30 * 1.15 * (0.3 + 40 / 67) / 60;

        self::assertEqualsWithDelta($expected, $this->effort(CoatType::Curly, 40)->lineMinutes(Section::Back), 1e-4);
    }

    #[DataProvider('lengths')]
    public function test_the_length_factor_stays_within_its_bounds(float $mm, float $factor): void
    {
        $reference = $this->effort(CoatType::Mixed, 46.9)->lineMinutes(Section::Back);

        self::assertEqualsWithDelta($factor, $this->effort(CoatType::Mixed, $mm)->lineMinutes(Section::Back) / $reference, 1e-9);
    }

    /** @return iterable<string, array{float, float}> */
    public static function lengths(): iterable
    {
        yield 'a clean clipped coat is quick' => [6.3, 0.4];
        yield 'and no quicker where it is shorter' => [3.2, 0.4];
        yield 'at 46.9 mm it is 1' => [46.9, 1.0];
        yield 'at 80.4 mm it is 1.5' => [80.4, 1.5];
        yield 'from 113.9 mm on it is 2' => [113.9, 2.0];
        yield 'at 210 mm it is still 2' => [210, 2.0];
    }

    public function test_a_section_of_another_length_takes_that_length(): void
    {
        $long = new Effort(Dogs::dog(10, CoatType::Mixed, 40, sectionMm: ['tail' => 80.4]), new EffortRates);
        $even = $this->effort(CoatType::Mixed, 40);

        self::assertEqualsWithDelta(1.5 / (0.3 + 40 / 67), $long->lineMinutes(Section::Tail) / $even->lineMinutes(Section::Tail), 1e-9);
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

        self::assertEqualsWithDelta(6 + self::SURFACE * 0.06 * 1.0 * 1.5 / 60, $effort->bathMinutes(), 1e-4);
        self::assertEqualsWithDelta(5 + self::SURFACE * 0.25 * 1.0 * 1.5 / 60, $effort->dryMinutes(), 1e-4);
    }

    public function test_what_is_cut_before_the_bath_dries_sooner_and_a_mean_length_counts(): void
    {
        $effort = new Effort(Dogs::dog(10, CoatType::Curly, 40, sectionMm: ['back' => 140.0]), new EffortRates);

        self::assertEqualsWithDelta(5 + self::SURFACE * 0.25 * (0.6 + 0.095) * 1.2 / 60, $effort->dryMinutes(9.5), 1e-4);
        self::assertEqualsWithDelta(5 + self::SURFACE * 0.25 * (0.6 + 0.47) * 1.2 / 60, $effort->dryMinutes(), 1e-4);
        self::assertEqualsWithDelta(5 + self::SURFACE * 0.25 * 2.0 * 1.2 / 60, $effort->dryMinutes(400), 1e-4);
    }

    /** 6 + surface × 0.06 s × D × coat / 60, D = 0.6 + mm/100 within 0.6 and 2. */
    #[DataProvider('bathed')]
    public function test_a_bath_takes_what_surface_length_and_coat_ask(CoatType $coat, float $factor): void
    {
        $minutes = fn(float $mm): float => (new Effort(Dogs::dog(10, $coat, $mm), new EffortRates))->bathMinutes();

        self::assertEqualsWithDelta(6 + self::SURFACE * 0.06 * 1.0 * $factor / 60, $minutes(40), 1e-4);
        self::assertEqualsWithDelta(6 + self::SURFACE * 0.06 * 2.0 * $factor / 60, $minutes(300), 1e-4);
    }

    /** @return iterable<string, array{CoatType, float}> */
    public static function bathed(): iterable
    {
        yield 'smooth' => [CoatType::Smooth, 0.7];
        yield 'wire' => [CoatType::Wire, 0.8];
        yield 'silky' => [CoatType::Silky, 1.0];
        yield 'mixed' => [CoatType::Mixed, 1.1];
        yield 'curly' => [CoatType::Curly, 1.2];
        yield 'double' => [CoatType::Double, 1.5];
    }

    #[DataProvider('moulting')]
    public function test_moult_takes_longer_where_there_is_undercoat(CoatType $coat, float $lines, float $drying): void
    {
        $calm = new Effort(Dogs::dog(10, $coat), new EffortRates);
        $moulting = new Effort(new Dog(10, $coat, false, 40, [], 48, Temperament::Easy, [], moult: true), new EffortRates);

        self::assertEqualsWithDelta($lines, $moulting->lineMinutes(Section::Back) / $calm->lineMinutes(Section::Back), 1e-9);
        self::assertEqualsWithDelta($drying, ($moulting->dryMinutes() - 5) / ($calm->dryMinutes() - 5), 1e-9);
    }

    /** @return iterable<string, array{CoatType, float, float}> */
    public static function moulting(): iterable
    {
        foreach ([CoatType::Double, CoatType::Mixed, CoatType::Smooth] as $coat) {
            yield $coat->value => [$coat, 1.4, 1.15];
        }
        foreach ([CoatType::Silky, CoatType::Curly, CoatType::Wire] as $coat) {
            yield $coat->value => [$coat, 1.0, 1.0];
        }
    }

    public function test_a_splitting_tool_is_quicker_in_mats_and_no_help_in_tangles(): void
    {
        $with = new Effort(Dogs::dog(10), new EffortRates, splittingTool: true);
        $without = new Effort(Dogs::dog(10), new EffortRates);
        $ratio = fn(Grade $grade): float => $with->matMinutes(Section::Back, $grade, 0.2) / $without->matMinutes(Section::Back, $grade, 0.2);

        self::assertEqualsWithDelta([1.0, 0.8, 0.8], array_map($ratio, [Grade::Tangle, Grade::Mat, Grade::TightMat]), 1e-9);
    }

    private function effort(CoatType $coat, float $mm): Effort
    {
        return new Effort(Dogs::dog(10, $coat, $mm), new EffortRates);
    }
}
