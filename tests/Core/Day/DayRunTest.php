<?php

declare(strict_types=1);

namespace Tests\Core\Day;

use HoundCheck\Core\Day\Bottleneck;
use HoundCheck\Core\Day\DayOutcome;
use HoundCheck\Core\Day\DayRun;
use HoundCheck\Core\Day\OnDuty;
use HoundCheck\Core\Day\PlannedDay;
use HoundCheck\Core\Day\Station;
use HoundCheck\Core\Day\StepStart;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DayRunTest extends TestCase
{
    public function test_a_day_without_dogs_is_over_at_once(): void
    {
        self::assertEquals(new DayOutcome([], [], [0.0, 0.0, 0.0, 0.0], []), (new DayRun(Days::day([])))->atMedians());
    }

    public function test_the_steps_of_one_dog_follow_each_other_and_the_answer_needs_nobody(): void
    {
        $day = Days::day([
            Days::dog('a', ['inspect' => 10, 'answer' => 30, 'brush' => 20]),
            Days::dog('b', ['bath' => 15], promised: 700),
        ]);

        self::assertSame(['540 ada b bath', '555 ada a inspect', '595 ada a brush'], self::starts($day));
        self::assertSame([615.0, 555.0], (new DayRun($day))->atMedians()->ready);
    }

    public function test_a_dog_that_is_to_be_dried_goes_before_one_with_less_slack(): void
    {
        $day = Days::day([
            Days::dog('late', ['brush' => 60], promised: 560),
            Days::dog('wet', ['dry' => 20], promised: 1000),
        ]);

        self::assertSame(['540 ada wet dry', '560 ada late brush'], self::starts($day));
    }

    public function test_of_two_that_wait_the_one_with_less_slack_goes_first_and_one_without_a_promise_last(): void
    {
        $day = Days::day([
            Days::dog('none', ['brush' => 10]),
            // Promised later, but with more left to do: 760 − 200 is before 700 − 60.
            Days::dog('short', ['brush' => 60], promised: 700),
            Days::dog('long', ['brush' => 20, 'finish' => 180], promised: 760),
        ]);

        self::assertSame(['540 ada long brush', '560 ada long finish', '740 ada short brush', '800 ada none brush'], self::starts($day));
    }

    public function test_a_dog_of_nobody_stays_with_whoever_began_it(): void
    {
        $day = Days::day([
            Days::dog('a', ['inspect' => 10, 'brush' => 60], promised: 700),
            Days::dog('b', ['brush' => 20], promised: 650, groomer: 'bo'),
            Days::dog('c', ['brush' => 30], arrives: 550, promised: 590),
        ], groomers: 2);

        // At 550 c is more urgent; a waits for ada, though bo is free from 560.
        self::assertSame(['540 ada a inspect', '540 bo b brush', '550 ada c brush', '580 ada a brush'], self::starts($day));
    }

    public function test_two_groomers_never_take_one_dog_and_never_more_than_a_station_holds(): void
    {
        $day = Days::day([Days::dog('a', ['dry' => 30]), Days::dog('b', ['dry' => 30])], groomers: 2);

        self::assertSame(['540 ada a dry', '570 ada b dry'], self::starts($day));
        self::assertSame(['540 ada a dry'], self::starts($day->withDogs([$day->dogs[0]])));
        self::assertSame(['540 ada a dry', '540 bo b dry'], self::starts($day->withDryers(2)));
        self::assertSame([0.0, 0.0, 0.0, 30.0], (new DayRun($day))->atMedians()->waited);
    }

    public function test_what_was_begun_is_ended_and_nothing_begins_at_closing(): void
    {
        $day = Days::day([
            Days::dog('a', ['brush' => 60, 'bath' => 10], promised: 600),
            Days::dog('b', ['brush' => 10], promised: 900),
        ], until: 600);
        $outcome = (new DayRun($day))->atMedians();

        self::assertSame(['540 ada a brush'], self::starts($day));
        self::assertSame([[null, null], [true, false]], [$outcome->ready, $outcome->begun]);
    }

    public function test_a_dog_longer_than_the_day_is_ended_by_whoever_began_it_past_midnight(): void
    {
        $day = Days::day([Days::dog('a', ['brush' => 1000])], until: 1080);

        self::assertSame([1540.0], (new DayRun($day))->atMedians()->ready);
    }

    public function test_nothing_begins_before_the_dog_the_groomer_and_the_day_are_there(): void
    {
        $dogs = [Days::dog('a', ['answer' => 5, 'brush' => 10], arrives: 500), Days::dog('b', ['brush' => 10], arrives: 630)];
        $day = new PlannedDay(540.0, 1, 1, 1, [new OnDuty('ada', 560.0, 1080.0)], $dogs);

        self::assertSame(['560 ada a brush', '630 ada b brush'], self::starts($day));
    }

    public function test_what_is_in_hand_goes_on_whatever_else_is_due(): void
    {
        $dogs = [Days::dog('urgent', ['brush' => 10], promised: 545), Days::dog('held', ['brush' => 30], promised: 900, groomer: 'ada', inHand: true)];

        self::assertSame(['540 ada held brush', '570 ada urgent brush'], self::starts(Days::day($dogs)));
        $home = new PlannedDay(540.0, 2, 1, 1, [new OnDuty('ada', 400.0, 535.0)], [$dogs[1]]);
        self::assertSame([570.0], (new DayRun($home))->atMedians()->ready, 'a groomer whose time is up ends what is in hand');
    }

    public function test_a_dog_of_a_groomer_who_is_not_there_is_not_done_today(): void
    {
        $outcome = (new DayRun(Days::day([Days::dog('a', ['brush' => 10], groomer: 'zoe')])))->atMedians();

        self::assertSame([[null], [false]], [$outcome->ready, $outcome->begun]);
    }

    public function test_times_a_billionth_apart_are_one_instant(): void
    {
        $day = Days::day([
            Days::dog('a', ['bath' => 0.1], promised: 541),
            Days::dog('b', ['bath' => 0.2], promised: 542),
            // 540.1 + 0.2 is a hair more than 540.3: c has arrived, and has less slack than d.
            Days::dog('c', ['bath' => 5], arrives: 540.3 + 5e-7, promised: 546),
            Days::dog('d', ['bath' => 5], promised: 560),
        ]);

        self::assertSame(['a', 'b', 'c', 'd'], array_map(fn(string $start): string => explode(' ', $start)[2], self::starts($day)));
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 60) as $seed) {
            yield "seed {$seed}" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_whatever_the_day_nobody_does_two_things_at_once_and_no_place_holds_more_than_it_can(int $seed): void
    {
        $day = Days::drawn($seed, 3 + $seed % 9, 1 + $seed % 4, 1 + $seed % 2);
        $run = new DayRun($day);
        $outcome = $run->atMedians();
        $minutes = $lanes = [];
        foreach ($day->dogs as $dog) {
            foreach ($dog->steps as $step) {
                $minutes[$dog->id][$step->step->value] = $step->minutes;
            }
        }
        foreach ($run->startsOf($outcome) as $start) {
            $end = $start->at + $minutes[$start->dog][$start->step->value];
            foreach (["hands of {$start->groomer}" => 1, "dog {$start->dog}" => 1, $start->step->station()->value => null] as $lane => $most) {
                $lanes[$lane][] = [$start->at, $end, $most ?? $day->places($start->step->station() ?? Station::Table)];
            }
            $groomer = array_values(array_filter($day->groomers, fn(OnDuty $one): bool => $one->id === $start->groomer))[0];
            self::assertTrue($start->at >= $groomer->from && $start->at < $groomer->until);
        }
        foreach ($lanes as $lane => $taken) {
            foreach ($taken as [$from, , $most]) {
                $at = array_filter($taken, fn(array $one): bool => $one[0] <= $from + 1e-6 && $one[1] > $from + 1e-6);
                self::assertLessThanOrEqual($most, count($at), "{$lane} at {$from}");
            }
        }
        foreach ($day->dogs as $place => $dog) {
            $last = array_values(array_filter($run->startsOf($outcome), fn(StepStart $one): bool => $one->dog === $dog->id));
            $end = $last === [] ? null : end($last)->at + $minutes[$dog->id][end($last)->step->value];
            if ($outcome->ready[$place] !== null) {
                self::assertEqualsWithDelta($end, $outcome->ready[$place], 1e-6);
            }
        }
    }

    public function test_the_bottleneck_is_what_dogs_waited_for_longest(): void
    {
        $of = fn(PlannedDay $day): ?Bottleneck => (new DayRun($day))->atMedians()->bottleneck();
        $two = fn(string $step): array => [Days::dog('a', [$step => 30]), Days::dog('b', [$step => 30])];

        self::assertSame(Bottleneck::Hands, $of(Days::day($two('brush'))));
        self::assertSame(Bottleneck::Table, $of(Days::day($two('brush'), groomers: 2, tables: 1)));
        self::assertSame(Bottleneck::Tub, $of(Days::day($two('bath'), groomers: 2)));
        self::assertSame(Bottleneck::Dryer, $of(Days::day($two('dry'), groomers: 2)));
        self::assertNull($of(Days::day($two('brush'), groomers: 2)));
    }

    /** @return list<string> "540 ada dog brush" */
    private static function starts(PlannedDay $day): array
    {
        $run = new DayRun($day);

        return array_map(
            fn(StepStart $start): string => round($start->at, 3)." {$start->groomer} {$start->dog} {$start->step->value}",
            $run->startsOf($run->atMedians()),
        );
    }

    public function test_nobody_begins_a_dog_in_a_break_and_goes_on_after_it(): void
    {
        $day = Days::day([Days::dog('a', ['brush' => 30, 'finish' => 20]), Days::dog('b', ['brush' => 30])]);
        $away = new PlannedDay($day->start, 2, 1, 1, [new OnDuty('ada', 540, 1080, [[550.0, 600.0], [640.0, 700.0]])], $day->dogs);
        $run = new DayRun($away);
        $outcome = $run->atMedians();

        self::assertSame(
            [[540.0, 'a', 'brush'], [600.0, 'a', 'finish'], [620.0, 'b', 'brush']],
            array_map(fn(StepStart $start): array => [$start->at, $start->dog, $start->step->value], $run->startsOf($outcome)),
            'what was begun is ended, nothing begins at 570, the break ends at 600',
        );
        self::assertSame([620.0, 650.0], $outcome->ready);
    }

    public function test_a_dog_that_is_next_and_waits_for_an_answer_is_taken_first_when_it_has_come(): void
    {
        $day = Days::day([
            Days::dog('held', ['finish' => 10], promised: 551),
            Days::dog('pressing', ['brush' => 30], promised: 600),
            Days::dog('next', ['answer' => 5, 'brush' => 30], promised: 1000)->takenNext(),
        ]);
        $run = new DayRun($day);

        self::assertSame(['held', 'next', 'pressing'], array_map(fn(StepStart $start): string => $start->dog, $run->startsOf($run->atMedians())));
    }

    public function test_a_break_of_one_leaves_the_dog_to_another(): void
    {
        $day = Days::day([Days::dog('a', ['brush' => 30])], groomers: 2);
        $away = new PlannedDay($day->start, 2, 1, 1, [new OnDuty('ada', 540, 1080, [[530.0, 700.0]]), new OnDuty('bo', 540, 1080)], $day->dogs);
        $run = new DayRun($away);

        self::assertSame('bo', $run->startsOf($run->atMedians())[0]->groomer);
    }
}
