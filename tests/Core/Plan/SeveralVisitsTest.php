<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Plan\CoatReport;
use HoundCheck\Core\Plan\Frontier\FrontierPlan;
use HoundCheck\Core\Plan\Frontier\FrontierSolver;
use HoundCheck\Core\Plan\SeveralVisits;
use HoundCheck\Core\Plan\VisitOfSeveral;
use HoundCheck\Core\Visit\MarkKind;
use PHPUnit\Framework\TestCase;
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

    public function test_of_the_ways_to_cut_the_list_the_most_even_is_taken(): void
    {
        $report = self::rough();
        $several = self::divide($report, 20.0, 200.0);
        [$one, $two] = array_column($several->visits, 'tensionMinutes');
        // Whatever else the list could be cut into, with the same order, is less even.
        $order = $several->visits;
        $pulls = fn(Section $section): float => $report->options->get($section)->find($several->plan->choices->for($section))->tensionMinutes;
        $last = array_filter($order[0]->sections, fn(Section $section): bool => $section !== Section::Tail && $pulls($section) > 0);
        $tightest = fn(array $sections): array => array_map(fn(Section $section): int => $report->grade($section)->value, $sections);
        self::assertGreaterThanOrEqual(max([0, ...$tightest(array_filter($order[1]->sections, fn(Section $section): bool => $pulls($section) > 0))]), min($tightest($last)));
        foreach (array_filter($order[1]->sections, fn(Section $section): bool => $pulls($section) > 0) as $moved) {
            self::assertGreaterThanOrEqual(abs($one - $two) - 1e-9, abs($one + $pulls($moved) - ($two - $pulls($moved))));
        }
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

    /** @return list<FrontierPlan> */
    private static function plans(CoatReport $report): array
    {
        return (new FrontierSolver($report))->within(null, null)->plans;
    }

    private static function divide(CoatReport $report, float $tension, float $work): ?SeveralVisits
    {
        return SeveralVisits::of($report, self::plans($report), $tension, $work, $tension, $work);
    }
}
