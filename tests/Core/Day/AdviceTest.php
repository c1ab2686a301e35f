<?php

declare(strict_types=1);

namespace Tests\Core\Day;

use HoundCheck\Core\Day\Act;
use HoundCheck\Core\Day\Advice;
use HoundCheck\Core\Day\Alternative;
use HoundCheck\Core\Day\DayForecast;
use HoundCheck\Core\Day\Draws;
use HoundCheck\Core\Day\NextDog;
use HoundCheck\Core\Day\NextReason;
use HoundCheck\Core\Day\PlannedDay;
use HoundCheck\Core\Day\PlannedStep;
use HoundCheck\Core\House\DayRules;
use PHPUnit\Framework\TestCase;

final class AdviceTest extends TestCase
{
    public function test_where_every_promise_is_sure_enough_there_is_nothing_to_advise(): void
    {
        self::assertNull(self::advice(Days::day([Days::dog('a', ['brush' => 60], promised: 900)])));
        self::assertNull(self::advice(Days::day([])));
    }

    public function test_the_promise_most_in_danger_is_told_with_what_would_save_it(): void
    {
        // Two want the one dryer at once; with another both are ready in time.
        $day = Days::day([
            Days::dog('a', ['dry' => 60, 'finish' => 20], promised: 640, groomer: 'ada', spread: 0.1),
            Days::dog('b', ['dry' => 60, 'finish' => 20], promised: 650, groomer: 'bo', spread: 0.1),
        ], groomers: 2);
        $advice = self::advice($day);

        self::assertSame('b', $advice->dog);
        self::assertLessThan(0.1, $advice->chance);
        $dryer = self::act($advice, Act::OneMoreDryer);
        self::assertGreaterThan(0.9, $dryer->then->ready['b']->chance);
        $new = self::act($advice, Act::NewTime);
        self::assertSame(0.0, fmod($new->promise, 15), 'on a quarter of an hour');
        self::assertGreaterThanOrEqual(0.9, $new->then->ready['b']->chance);
        self::assertLessThan(0.9, self::forecast($day)->ready['b']->chanceBy($new->promise - 15), 'no later than it has to be');
    }

    public function test_taking_it_next_is_shown_with_the_promise_that_it_costs(): void
    {
        $day = Days::day([
            Days::dog('first', ['brush' => 60], promised: 605, spread: 0.02),
            Days::dog('second', ['brush' => 60], promised: 606, spread: 0.02),
        ]);
        $advice = self::advice($day);
        $next = self::act($advice, Act::TakeNext);

        self::assertSame(['second', 'second'], [$advice->dog, $next->dog]);
        self::assertTrue($next->costsMoreThanItMends(self::forecast($day), 'second') === false, 'it mends as much as it costs');
        self::assertEqualsWithDelta(0.0, $next->moves(self::forecast($day))['first'][1], 0.01);
        self::assertGreaterThan(0.9, $next->moves(self::forecast($day))['second'][1]);
    }

    public function test_a_dog_in_somebodys_hands_is_neither_taken_next_nor_handed_over(): void
    {
        $day = Days::day([
            Days::dog('held', ['brush' => 90], promised: 600, groomer: 'ada', inHand: true),
            Days::dog('waits', ['brush' => 60], promised: 605, groomer: 'ada'),
        ], groomers: 2);
        $advice = self::advice($day);

        foreach ($advice->alternatives as $one) {
            self::assertFalse(in_array($one->act, [Act::TakeNext, Act::OtherGroomer], true) && $one->dog === 'held');
        }
    }

    public function test_what_does_not_help_is_not_shown_and_no_more_than_three_are(): void
    {
        $day = Days::drawn(3, 9, 3);
        $now = self::forecast($day);
        $advice = self::advice($day);

        self::assertLessThanOrEqual(3, count($advice->alternatives));
        foreach ($advice->alternatives as $one) {
            self::assertGreaterThanOrEqual(0.1 - 1e-9, ($one->then->ready[$advice->dog]->chance ?? 1.0) - $now->ready[$advice->dog]->chance);
        }
    }

    public function test_the_next_dog_of_each_groomer_who_is_free_comes_with_its_reason(): void
    {
        $day = Days::day([
            Days::dog('wet', ['dry' => 30], promised: 900),
            Days::dog('due', ['brush' => 60, 'finish' => 30], promised: 700),
            Days::dog('later', ['brush' => 60], promised: 900),
        ], groomers: 2);
        $next = array_map(fn(NextDog $one): array => [$one->groomer, $one->dog, $one->reason, $one->slack], NextDog::of($day));

        self::assertSame([['ada', 'wet', NextReason::ToBeDried, 330.0], ['bo', 'due', NextReason::LeastSlack, 70.0]], $next);
        $decided = $day->withDogs([$day->dogs[1], $day->dogs[2]->takenNext()]);
        self::assertSame([['later', NextReason::Decided], ['due', NextReason::LeastSlack]], array_map(fn(NextDog $one): array => [$one->dog, $one->reason], NextDog::of($decided)));
        $held = Days::day([Days::dog('held', ['brush' => 60], groomer: 'ada', inHand: true), Days::dog('free', ['brush' => 60])]);
        self::assertSame([], NextDog::of($held), 'her hands are full');
        self::assertSame(NextReason::NobodyElse, NextDog::of($held->without('held'))[0]->reason);
    }

    public function test_half_a_brush_out_today_and_no_bath_is_among_what_helps_where_much_is_left(): void
    {
        $long = ['brush' => 120, 'bath' => 20, 'dry' => 60, 'check' => 10, 'finish' => 30];
        $day = Days::day([Days::dog('long', $long, promised: 650, spread: 0.05)]);
        $two = self::act(self::advice($day), Act::TwoVisits);

        self::assertSame('long', $two->dog);
        self::assertSame([60.0, 30.0], array_map(fn(PlannedStep $step): float => $step->minutes, $two->day->dogs[0]->steps));
        self::assertGreaterThan(0.9, $two->then->ready['long']->chance);
        self::assertNull(Days::dog('short', ['brush' => 40, 'bath' => 20])->inTwoVisits(), 'so little is not worth coming twice');
        self::assertNull(Days::dog('washed', ['brush' => 90, 'finish' => 20])->inTwoVisits(), 'its bath is behind it');
    }

    public function test_what_is_shown_was_tried_with_as_many_runs_as_the_list_of_the_day(): void
    {
        $day = Days::day([Days::dog('a', ['dry' => 60], promised: 640, spread: 0.1), Days::dog('b', ['dry' => 60], promised: 650, spread: 0.1)], groomers: 2);
        $draws = new Draws(200, 1);
        $now = DayForecast::of($day, $draws);
        $advice = Advice::of($day, $now, new Draws(40, 1), $draws, new DayRules);

        foreach ($advice->alternatives ?? [] as $one) {
            self::assertEquals(DayForecast::of($one->day, $draws)->ready, $one->then->ready);
        }
        self::assertNotSame([], $advice->alternatives ?? []);
    }

    private static function advice(PlannedDay $day): ?Advice
    {
        return Advice::of($day, self::forecast($day), new Draws(80, 1), new Draws(200, 1), new DayRules);
    }

    private static function forecast(PlannedDay $day): DayForecast
    {
        return DayForecast::of($day, new Draws(200, 1));
    }

    private static function act(?Advice $advice, Act $act): Alternative
    {
        $of = array_values(array_filter($advice->alternatives ?? [], fn(Alternative $one): bool => $one->act === $act));
        self::assertCount(1, $of, "{$act->value} is among them");

        return $of[0];
    }
}
