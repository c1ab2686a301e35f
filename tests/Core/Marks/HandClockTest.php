<?php

declare(strict_types=1);

namespace Tests\Core\Marks;

use HoundCheck\Core\Marks\HandClock;
use HoundCheck\Core\Marks\MarkKind;
use HoundCheck\Core\Marks\MarkReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class HandClockTest extends TestCase
{
    #[DataProvider('times')]
    public function test_a_time_of_the_hand_is_corrected_and_kept_within_the_visit(string $expected, string $said, ?string $sentAt): void
    {
        $time = fn(string $text): \DateTimeImmutable => new \DateTimeImmutable("2026-06-09 {$text}", new \DateTimeZone('UTC'));
        $mark = (new MarkReader)->read(MarkKind::NoteWritten, 'M', null, $time($said), 'Imke', ['text' => 'x']);
        $right = HandClock::of($time('12:00:00'), $sentAt === null ? null : $time($sentAt))->setRight($mark, $time('09:00:00'));

        self::assertEquals($time($expected), $right->at);
        self::assertEquals(
            $expected === $said ? null : $time($said),
            $right->deviceAt,
            'what the device said is kept where it was something else',
        );
    }

    /** @return iterable<string, array{string, string, string|null}> */
    public static function times(): iterable
    {
        yield 'a clock that is right' => ['11:59:58', '11:59:58', '12:00:00'];
        yield 'a slow network is no wrong clock' => ['11:59:00', '11:59:00', '11:59:01'];
        yield 'a minute off' => ['12:00:00', '11:59:00', '11:59:00'];
        yield 'an hour fast' => ['11:30:00', '12:30:00', '13:00:00'];
        yield 'a day slow' => ['11:30:00', '10:30:00', '11:00:00'];
        yield 'a little ahead' => ['12:02:00', '12:02:00', null];
        yield 'further ahead' => ['12:00:00', '12:02:01', null];
        yield 'before the dog came in' => ['09:00:00', '08:59:59', null];
        yield 'at the arrival' => ['09:00:00', '09:00:00', null];
    }
}
