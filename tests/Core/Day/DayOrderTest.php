<?php

declare(strict_types=1);

namespace Tests\Core\Day;

use HoundCheck\Core\Day\Attention;
use HoundCheck\Core\Day\DayFacts;
use HoundCheck\Core\Day\DayOrder;
use HoundCheck\Core\Day\Need;
use HoundCheck\Core\Effort\GroomerClocks;
use HoundCheck\Core\House\EffortRates;
use HoundCheck\Core\Marks\MarkKind;
use PHPUnit\Framework\TestCase;
use Tests\Core\Scene;

final class DayOrderTest extends TestCase
{
    public function test_the_dog_that_has_waited_longest_comes_first_and_one_that_needs_nothing_last(): void
    {
        self::assertSame(['longest', 'waiting', 'soon', 'later', 'gone'], DayOrder::of([
            'gone' => self::dog(Need::Nothing, 0.0, null),
            'later' => self::dog(Need::Dry, 20.0, null),
            'waiting' => self::dog(Need::Inspection, 0.0, 1200),
            'soon' => self::dog(Need::Bath, 5.0, null),
            'longest' => self::dog(Need::HandOver, 0.0, 600),
        ]));
    }

    public function test_of_those_that_wait_equally_long_the_one_whose_waiting_holds_up_most_comes_first(): void
    {
        self::assertSame(['client', 'bath', 'ready'], DayOrder::of([
            'ready' => self::dog(Need::HandOver, 0.0, 600),
            'bath' => self::dog(Need::Bath, 0.0, 600),
            'client' => self::dog(Need::Answer, 0.0, 600),
        ]));
    }

    public function test_a_dog_with_fleas_comes_after_all_that_need_someone_however_long_it_waits(): void
    {
        self::assertSame(['now', 'later', 'fleas', 'gone'], DayOrder::of([
            'gone' => self::dog(Need::Nothing, 0.0, null),
            'fleas' => new Attention(Need::Table, 0.0, 100, null, null, false, true),
            'later' => self::dog(Need::Dry, 20.0, null),
            'now' => self::dog(Need::Inspection, 0.0, 1200),
        ]));

        $scene = Scene::inspected()->do(MarkKind::FindingNoted, ['kind' => 'fleas', 'spot' => true], 'groin');
        self::assertTrue(self::isLast($scene));
        self::assertFalse(self::isLast($scene->do(MarkKind::SectionTaken, [], 'tail')), 'on the table it stays there');
    }

    private static function isLast(Scene $scene): bool
    {
        $facts = DayFacts::of($scene->report(), $scene->now());

        return $facts->at($scene->now()->getTimestamp(), '2026-06-09', null, new EffortRates, new GroomerClocks)->last;
    }

    public function test_dogs_alike_in_all_keep_the_order_of_their_arrival(): void
    {
        self::assertSame(
            ['01', '02', '03'],
            DayOrder::of([
                '03' => self::dog(Need::Bath, 0.0, 600),
                '01' => self::dog(Need::Bath, 0.0, 600),
                '02' => self::dog(Need::Bath, 0.0, 600),
            ]),
        );
    }

    private static function dog(Need $need, float $inMinutes, ?int $since): Attention
    {
        return new Attention($need, $inMinutes, $since, null, null, false);
    }
}
