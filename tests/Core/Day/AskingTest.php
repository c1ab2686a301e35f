<?php

declare(strict_types=1);

namespace Tests\Core\Day;

use HoundCheck\Core\Day\Asking;
use HoundCheck\Core\Day\DayForecast;
use HoundCheck\Core\Day\Draws;
use HoundCheck\Core\Day\OfferedTime;
use HoundCheck\Core\Day\PlannedDay;
use HoundCheck\Core\Day\Room;
use HoundCheck\Core\House\DayRules;
use PHPUnit\Framework\TestCase;

final class AskingTest extends TestCase
{
    private const SMALL = ['inspect' => 8, 'answer' => 6, 'brush' => 30, 'bath' => 12, 'dry' => 25, 'check' => 4, 'finish' => 25];

    public function test_an_empty_day_offers_each_groomer_the_first_hour_with_a_promise_on_the_quarter(): void
    {
        $times = self::asking(Days::day([], groomers: 2))->times(Days::dog('asked', self::SMALL));

        self::assertSame(['ada', 'bo'], array_map(fn(OfferedTime $one): string => $one->groomer, $times));
        foreach ($times as $time) {
            self::assertSame([540.0, 0.0, 'asked'], [$time->startsAt, fmod($time->promise, 15), $time->tightest]);
            self::assertGreaterThanOrEqual(0.9, $time->chance);
            self::assertGreaterThan(540 + 110, $time->promise);
            self::assertLessThan(540 + 200, $time->promise);
        }
    }

    public function test_a_time_is_offered_only_where_every_promise_of_the_day_still_holds(): void
    {
        $busy = Days::day(
            array_map(fn(int $number): object => Days::dog("dog{$number}", self::SMALL, arrives: 540.0 + 60 * $number, promised: 540.0 + 60 * $number + 230), range(0, 3)),
            groomers: 2,
        );
        foreach (self::asking($busy)->times(Days::dog('asked', self::SMALL)) as $time) {
            $with = $busy->withDogs([...$busy->dogs, Days::dog('asked', self::SMALL, $time->startsAt, $time->promise, $time->groomer)]);
            self::assertGreaterThanOrEqual(0.9, DayForecast::of($with, new Draws(500, 1))->weakest());
            self::assertGreaterThanOrEqual(0.9, $time->tightestChance);
        }
    }

    public function test_a_day_is_full_when_its_promises_would_not_hold_though_hands_are_free(): void
    {
        // The one dryer is busy all day; a second groomer has nothing to do.
        $day = Days::day([
            Days::dog('a', ['dry' => 260], promised: 830, groomer: 'ada', spread: 0.05),
            Days::dog('b', ['dry' => 240], arrives: 800, promised: 1075, groomer: 'ada', spread: 0.05),
        ], groomers: 2);
        $wet = Days::dog('asked', ['bath' => 10, 'dry' => 60]);

        self::assertSame([], self::asking($day)->times($wet));
        self::assertNotSame([], self::asking($day->withDryers(2))->times($wet));
        self::assertNotSame([], self::asking($day)->times(Days::dog('asked', ['brush' => 40])), 'a dog that needs no dryer fits');
    }

    public function test_a_promise_that_is_in_danger_without_the_dog_closes_no_time_that_leaves_it_alone(): void
    {
        $late = Days::dog('late', self::SMALL, promised: 655, groomer: 'ada');
        $day = Days::day([$late], groomers: 2, tables: 2);
        $chance = DayForecast::of($day, new Draws(500, 1))->ready['late']->chance;
        self::assertTrue($chance > 0.1 && $chance < 0.9, 'it is in danger');

        $times = self::asking($day)->times(Days::dog('asked', self::SMALL));
        self::assertContains('ada', array_map(fn(OfferedTime $one): string => $one->groomer, $times), 'after the other dog');
        foreach ($times as $time) {
            self::assertSame(['late', $chance], [$time->tightest, $time->tightestChance], 'no less sure than before');
            self::assertGreaterThanOrEqual(0.9, $time->chance);
        }
        self::assertNotSame([], self::asking($day)->rooms(Days::dog('asked', self::SMALL)));
    }

    public function test_a_dog_longer_than_the_day_gets_no_time_on_it(): void
    {
        self::assertSame([], self::asking(Days::day([]))->times(Days::dog('asked', ['brush' => 600])));
        self::assertSame([], self::asking(Days::day([], groomers: 0))->times(Days::dog('asked', self::SMALL)));
    }

    public function test_the_dog_goes_home_before_its_groomer_does(): void
    {
        foreach (self::asking(Days::day([], groomers: 1, until: 700))->times(Days::dog('asked', ['brush' => 60])) as $time) {
            self::assertLessThanOrEqual(700, $time->promise);
        }
    }

    public function test_a_day_has_room_where_hands_are_free_and_every_promise_still_holds(): void
    {
        $booked = Days::dog('booked', ['brush' => 120, 'finish' => 30], arrives: 540, promised: 705, groomer: 'ada', spread: 0.05);
        $day = Days::day([$booked], groomers: 2, tables: 2);
        $dog = Days::dog('asked', ['brush' => 60, 'finish' => 20], spread: 0.05);
        $rooms = (new Asking($day, new DayRules, new Draws(60, 1), new Draws(200, 1)))->rooms($dog);

        self::assertSame(['ada', 'bo'], array_map(fn(Room $room): string => $room->groomer, $rooms));
        self::assertGreaterThan(600.0, $rooms[0]->from, 'she has the other dog until then');
        self::assertSame(540.0, $rooms[1]->from);
        foreach ($rooms as $room) {
            self::assertLessThanOrEqual(1080.0, $room->until);
            self::assertGreaterThan($room->from + 80, $room->until);
        }
        $tight = Days::day([$booked->promisedAt(700.0)], tables: 1);
        self::assertSame([], (new Asking($tight, new DayRules, new Draws(60, 1), new Draws(200, 1)))->rooms(Days::dog('long', ['brush' => 500])), 'not done before she goes');
    }

    private static function asking(PlannedDay $day): Asking
    {
        return new Asking($day, new DayRules, new Draws(80, 1), new Draws(500, 1));
    }
}
