<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use HoundCheck\Core\Coat\EvenGroup;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Marks\MarkKind;
use HoundCheck\Core\Plan\CoatReport;
use HoundCheck\Core\Plan\Frontier\FrontierPlan;
use HoundCheck\Core\Plan\Frontier\FrontierSolver;
use HoundCheck\Core\Plan\Frontier\Wishes;
use HoundCheck\Core\Plan\Option;
use HoundCheck\Core\Plan\SeveralVisits;
use HoundCheck\Core\Plan\Treatment;
use HoundCheck\Core\Plan\VisitLimit;
use HoundCheck\Core\Plan\VisitOfSeveral;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Scene;

final class SeveralVisitsTest extends TestCase
{
    public function test_each_visit_is_within_what_it_holds_and_every_section_is_worked_once(): void
    {
        $report = self::rough();
        $several = self::divide($report, 14.0, 60.0);
        self::assertNotNull($several);
        self::assertCount(3, $several->visits);
        foreach ($several->visits as $visit) {
            self::assertLessThanOrEqual(14.0 + 1e-6, $visit->tensionMinutes);
            self::assertLessThanOrEqual(60.0 + 1e-6, $visit->minutes);
            self::assertNotSame([], $visit->sections);
        }
        $worked = array_merge(...array_column($several->visits, 'sections'));
        self::assertEqualsCanonicalizing(array_column(Section::cases(), 'value'), array_column($worked, 'value'));
        self::assertEqualsWithDelta($several->plan->tensionMinutes, array_sum(array_column($several->visits, 'tensionMinutes')), 1e-6);
        self::assertEqualsWithDelta($several->plan->minutes, array_sum(array_column($several->visits, 'minutes')), 1e-6);
    }

    public function test_it_is_the_plan_that_keeps_most_over_the_fewest_visits(): void
    {
        $report = self::rough();
        $most = self::plans($report);
        $two = self::divide($report, 20.0, 90.0);
        self::assertCount(2, $two->visits);
        self::assertEquals($most[count($most) - 1], $two->plan);

        // Where three visits bear what two do not, it is three, and the same plan.
        $three = self::divide($report, 14.0, 90.0);
        self::assertCount(3, $three->visits);
        self::assertSame($two->plan->choices->codes(), $three->plan->choices->codes());
    }

    public function test_a_visit_asks_just_what_it_may_and_not_half_a_minute_more(): void
    {
        $report = self::rough();
        $most = max(array_column(self::divide($report, 20.0, 90.0)->visits, 'tensionMinutes'));
        self::assertCount(2, self::divide($report, $most, 90.0)->visits);
        $stricter = self::divide($report, $most - 0.5, 90.0);
        self::assertLessThanOrEqual($most - 0.5 + 1e-6, max(array_column($stricter->visits, 'tensionMinutes')));
        self::assertCount(3, $stricter->visits);
    }

    public function test_clipping_and_what_hurts_come_first_then_the_tightest_and_tenderest(): void
    {
        $several = self::divide(self::rough(), 14.0, 60.0);
        $in = fn(string $section): int => (int) array_key_first(array_filter(
            $several->visits,
            fn(VisitOfSeveral $visit): bool => in_array(Section::from($section), $visit->sections, true),
        ));
        self::assertSame([0, 0], [$in('armpit_l'), $in('tail')], 'an armpit is clipped, and pain does not wait');
        // Of grade 3 the tenderer place first; a tangle after every mat.
        self::assertLessThanOrEqual($in('breeches_l'), $in('foreleg_l'));
        self::assertLessThanOrEqual($in('side_l'), $in('breeches_r'));
        self::assertSame(2, $in('back'), 'what pulls at nothing is brushed last');
    }

    /** Every way to give out what pulls, gone through one by one; the table holds more than enough. */
    #[TestWith([1])]
    #[TestWith([2])]
    #[TestWith([3])]
    #[TestWith([4])]
    public function test_fewest_visits_then_the_most_even_pulling_as_going_through_every_way_finds(int $seed): void
    {
        $dice = new Randomizer(new Mt19937($seed));
        $divided = 0;
        for ($dog = 0; $dog < 4; $dog++) {
            // Places of one tenderness, so that many are equally tight and tender.
            $alike = ['shoulder_l', 'shoulder_r', 'breeches_l', 'breeches_r', 'foreleg_l', 'foreleg_r', 'hindleg_l', 'hindleg_r', 'tail'];
            $checks = [];
            foreach ($dice->pickArrayKeys($alike, 7) as $key) {
                $checks[$alike[$key]] = [
                    ...['comb' => 'stops', 'skinLine' => 'patchy', 'opens' => 'fingers', 'liftMm' => 9.5],
                    'mattedShare' => $dice->getInt(10, 60) / 100,
                ];
            }
            $report = Scene::inspected($checks, ['slotMinutes' => 300, 'weightKg' => 18], consent: 'never')->report()->fromHere;
            $plan = self::plans($report)[count(self::plans($report)) - 1];
            $limit = $plan->tensionMinutes * $dice->getInt(36, 70) / 100;
            $ways = self::everyWay($report, $plan, $limit);
            $several = SeveralVisits::of($report, [$plan], new VisitLimit($limit, 900.0), new VisitLimit($limit, 900.0));
            if ($ways === []) {
                self::assertNull($several);

                continue;
            }
            $divided++;
            $fewest = min(array_keys($ways));
            self::assertCount($fewest, $several->visits);
            $pulls = array_column($several->visits, 'tensionMinutes');
            self::assertEqualsWithDelta($ways[$fewest], max($pulls) - min($pulls), 1e-6);
        }
        self::assertGreaterThan(1, $divided);
    }

    public function test_a_cut_on_clean_coat_belongs_to_the_last_visit(): void
    {
        $report = Scene::inspected(
            array_fill_keys(['breeches_l', 'breeches_r', 'hindleg_l', 'hindleg_r'], Scene::comb(3, 0.4, 9.5)),
            ['slotMinutes' => 90, 'weightKg' => 18],
        )->report()->fromHere;
        $cut = array_filter(Section::cases(), fn(Section $section): bool => $section->facts()->evenWith === EvenGroup::Body);
        $wishes = new Wishes(fixed: array_fill_keys(array_column($cut, 'value'), Treatment::clip(13.0)));
        $plans = (new FrontierSolver($report, $wishes))->within(null, null)->plans;
        $several = SeveralVisits::of($report, $plans, new VisitLimit(14.0, 300.0), new VisitLimit(14.0, 300.0));
        $last = $several->visits[count($several->visits) - 1]->sections;
        self::assertSame([], array_udiff($cut, $last, fn(Section $one, Section $other): int => $one->value <=> $other->value));
    }

    public function test_what_keeps_less_than_asked_is_not_offered(): void
    {
        $report = self::rough();
        $most = self::plans($report)[count(self::plans($report)) - 1]->keepShare;
        $limit = new VisitLimit(20.0, 90.0);
        self::assertNotNull(SeveralVisits::of($report, self::plans($report), $limit, $limit, $most - 0.001));
        self::assertNull(SeveralVisits::of($report, self::plans($report), $limit, $limit, $most + 0.001));
    }

    public function test_what_three_visits_do_not_hold_gives_way_to_a_plan_that_keeps_less_and_at_last_to_none(): void
    {
        $little = self::divide(self::rough(), 4.0, 90.0);
        self::assertLessThanOrEqual(4.0 + 1e-6, max(array_column($little->visits, 'tensionMinutes')));
        // A place that asks more than one visit may is not opened; the rest that pulls still is.
        self::assertSame(['clip', 'demat'], [$little->plan->choices->for(Section::BreechesLeft)->kind->value, $little->plan->choices->for(Section::Tail)->kind->value]);
        self::assertGreaterThan(2.0, $little->plan->tensionMinutes);
        self::assertNull(self::divide(self::rough(), 20.0, 5.0));
    }

    private static function rough(): CoatReport
    {
        return Scene::inspected(
            [
                'armpit_l' => Scene::comb(3, 0.3, 6),
                'tail' => ['comb' => 'stops', 'skinLine' => 'patchy', 'opens' => 'fingers', 'mattedShare' => 0.2],
                'foreleg_l' => Scene::comb(3, 0.2, 9.5),
                'breeches_l' => Scene::comb(3, 0.3, 9.5),
                'breeches_r' => Scene::comb(3, 0.3, 9.5),
                'hindleg_l' => Scene::comb(3, 0.3, 9.5),
                'hindleg_r' => Scene::comb(3, 0.3, 9.5),
                'side_l' => Scene::comb(2, 0.3),
                'side_r' => Scene::comb(2, 0.3),
            ],
            ['slotMinutes' => 60, 'weightKg' => 18],
        )->do(MarkKind::FindingNoted, ['kind' => 'pain'], 'tail')->report()->fromHere;
    }

    /** @return array<int, float> how even it can be, by the number of visits that bear it */
    private static function everyWay(CoatReport $report, FrontierPlan $plan, float $limit): array
    {
        $options = array_map(
            fn(Section $section): Option => $report->options->get($section)->find($plan->choices->for($section)),
            Section::cases(),
        );
        $pulls = fn(int $at): bool => $options[$at]->tensionMinutes > 0.0;
        $places = array_filter(Section::cases(), $pulls, ARRAY_FILTER_USE_KEY);
        $ways = [];
        foreach ([2, 3] as $count) {
            for ($way = 0; $way < $count ** count($places); $way++) {
                $pulls = array_fill(0, $count, 0.0);
                $given = [];
                $left = $way;
                foreach ($places as $at => $section) {
                    $visit = $left % $count;
                    $left = intdiv($left, $count);
                    $pulls[$visit] += $options[$at]->tensionMinutes;
                    $given[] = [$report->grade($section)->value, $section->facts()->tender, $visit];
                }
                if (max($pulls) > $limit + 1e-6) {
                    continue;
                }
                foreach ($given as $one) {
                    foreach ($given as $other) {
                        if ([$one[0], $one[1]] > [$other[0], $other[1]] && $one[2] > $other[2]) {
                            continue 3;
                        }
                    }
                }
                $ways[$count] = min($ways[$count] ?? INF, max($pulls) - min($pulls));
            }
        }

        return $ways;
    }

    /** @return list<FrontierPlan> */
    private static function plans(CoatReport $report): array
    {
        return (new FrontierSolver($report))->within(null, null)->plans;
    }

    private static function divide(CoatReport $report, float $tension, float $work): ?SeveralVisits
    {
        return SeveralVisits::of($report, self::plans($report), new VisitLimit($tension, $work), new VisitLimit($tension, $work));
    }
}
