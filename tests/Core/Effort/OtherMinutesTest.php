<?php

declare(strict_types=1);

namespace Tests\Core\Effort;

use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Effort\Effort;
use HoundCheck\Core\Effort\OtherMinutes;
use HoundCheck\Core\House\EffortRates;
use HoundCheck\Core\House\FinishStyle;
use HoundCheck\Core\House\Service;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Dogs;

final class OtherMinutesTest extends TestCase
{
    /** Of a dog of 10 kg, in square cm. */
    private const SURFACE = 4687.99;

    #[DataProvider('finishes')]
    public function test_the_finish_takes_what_service_style_and_size_ask(float $expected, Service $service, FinishStyle $style, bool $nails): void
    {
        self::assertEqualsWithDelta($expected, self::other()->finish($service, $style, $nails), 0.01);
    }

    /** @return iterable<string, array{float, Service, FinishStyle, bool}> */
    public static function finishes(): iterable
    {
        $perStyle = ['left_long' => 0.1, 'body_clipped' => 0.35, 'scissored_all_over' => 0.45, 'double_tidied' => 0.05, 'wire_clipped' => 0.2];
        foreach ($perStyle as $style => $seconds) {
            yield $style => [10 + self::SURFACE * $seconds / 60, Service::FullGroom, FinishStyle::from($style), false];
        }
        yield 'with nails' => [13 + self::SURFACE * 0.1 / 60, Service::FullGroom, FinishStyle::LeftLong, true];
        yield 'bath and brush' => [5 + self::SURFACE * 0.03 / 60, Service::BathAndBrush, FinishStyle::ScissoredAllOver, false];
        yield 'nails and tidy' => [15.0, Service::NailsAndTidy, FinishStyle::LeftLong, true];
    }

    public function test_arrival_second_check_stripping_and_clean_up(): void
    {
        $effort = new Effort(Dogs::dog(10), new EffortRates);
        $lines = array_sum(array_map($effort->lineMinutes(...), Section::cases()));
        self::assertEqualsWithDelta(5 + 3 + self::SURFACE * 0.02 / 60, self::other()->arrival(), 0.01);
        self::assertEqualsWithDelta($lines / 5, self::other()->secondCheck($effort), 1e-9);
        self::assertSame([5.0, 10.0], [self::other()->cleanUp(false), self::other()->cleanUp(true)]);

        $strips = fn(CoatType $coat, Service $service, FinishStyle $style): float => self::other($coat)->stripping($service, $style);
        self::assertEqualsWithDelta(10 + self::SURFACE / 60, $strips(CoatType::Wire, Service::FullGroom, FinishStyle::HandStripped), 0.01);
        self::assertSame(0.0, $strips(CoatType::Wire, Service::FullGroom, FinishStyle::WireClipped));
        self::assertSame(0.0, $strips(CoatType::Wire, Service::BathAndBrush, FinishStyle::HandStripped));
        self::assertSame(0.0, $strips(CoatType::Curly, Service::FullGroom, FinishStyle::HandStripped));
    }

    private static function other(CoatType $coat = CoatType::Mixed): OtherMinutes
    {
        return new OtherMinutes(Dogs::dog(10, $coat), new EffortRates);
    }
}
