<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use HoundCheck\Core\Coat\BodyPart;
use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Coat\EvenGroup;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Dog\Dog;
use HoundCheck\Core\Dog\Temperament;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\House\Kit;
use HoundCheck\Core\House\MatSchool;
use HoundCheck\Core\House\Schools;
use HoundCheck\Core\Plan\Choices;
use HoundCheck\Core\Plan\ClipConsent;
use HoundCheck\Core\Plan\CoatCase;
use HoundCheck\Core\Plan\CoatReport;
use HoundCheck\Core\Plan\Frontier\FixedNotOffered;
use HoundCheck\Core\Plan\Frontier\Frontier;
use HoundCheck\Core\Plan\Frontier\FrontierPlan;
use HoundCheck\Core\Plan\Frontier\FrontierSolver;
use HoundCheck\Core\Plan\Frontier\NamedPlan;
use HoundCheck\Core\Plan\Frontier\Wishes;
use HoundCheck\Core\Plan\Option;
use HoundCheck\Core\Plan\PlanTotals;
use HoundCheck\Core\Plan\Treatment;
use HoundCheck\Core\Plan\TreatmentKind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Dogs;

final class FrontierTest extends TestCase
{
    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 24; $seed++) {
            yield "dog {$seed}" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_it_is_what_trying_every_plan_finds(int $seed): void
    {
        $random = new Randomizer(new Mt19937($seed));
        $report = FrontierDogs::report($random, matted: 9, slotMinutes: $random->getInt(15, 70), kit: new Kit([1.5, 6.3], [19.0]));
        [$wishes, $free] = $this->lockAllBut($report, $random, 6);
        $solved = (new FrontierSolver($report, $wishes))->feasible();

        $expected = $this->byTrying($report, $wishes, $free);
        self::assertCount(count($expected), $solved->plans);
        foreach ($solved->plans as $index => $plan) {
            self::assertEqualsWithDelta($expected[$index], [$plan->keepShare, $plan->tensionMinutes, $plan->minutes], 1e-7);
        }
    }

    #[DataProvider('seeds')]
    public function test_no_plan_of_it_beats_another_and_each_is_feasible_and_adds_up(int $seed): void
    {
        $report = $this->rough($seed);
        $frontier = (new FrontierSolver($report))->feasible();
        foreach ($frontier->plans as $index => $plan) {
            $totals = PlanTotals::of($report, $plan->choices);
            self::assertEqualsWithDelta(
                [$totals->keepShare, $totals->tensionMinutes, $totals->minutes],
                [$plan->keepShare, $plan->tensionMinutes, $plan->minutes],
                1e-7,
            );
            self::assertTrue($totals->fitsSlot && $totals->fitsTolerance && $totals->isComplete());
            if ($index > 0) {
                self::assertGreaterThan($frontier->plans[$index - 1]->keepShare + 1e-6, $plan->keepShare);
                self::assertGreaterThan($frontier->plans[$index - 1]->tensionMinutes + 1e-6, $plan->tensionMinutes);
            }
        }
    }

    /** @return iterable<string, array{int}> dogs whose sums come closer to each other than anybody can tell apart */
    public static function nearTies(): iterable
    {
        foreach ([43, 80, 120, 135, 159, 176] as $seed) {
            yield "dog {$seed}" => [$seed];
        }
    }

    #[DataProvider('nearTies')]
    public function test_of_plans_that_cannot_be_told_apart_only_one_stays(int $seed): void
    {
        $plans = (new FrontierSolver(FrontierDogs::report(new Randomizer(new Mt19937($seed)), matted: 14, slotMinutes: 150)))
            ->feasible()
            ->plans;
        self::assertGreaterThan(2, count($plans));
        for ($index = 1; $index < count($plans); $index++) {
            self::assertGreaterThan(1e-6, $plans[$index]->keepShare - $plans[$index - 1]->keepShare);
            self::assertGreaterThan(1e-6, $plans[$index]->tensionMinutes - $plans[$index - 1]->tensionMinutes);
        }
    }

    #[DataProvider('seeds')]
    public function test_more_table_time_or_more_tolerance_never_makes_it_worse(int $seed): void
    {
        $report = $this->rough($seed);
        $solver = new FrontierSolver($report);
        $tension = (float) $solver->within(null, null)->easiest()?->tensionMinutes + 3;
        $time = min(array_column($solver->within($tension, null)->plans, 'minutes')) + 2;
        $less = $solver->within($tension, $time);

        self::assertFalse($less->isEmpty());
        self::assertNotWorse($less, $solver->within($tension, $time + 6));
        self::assertNotWorse($less, $solver->within($tension, null));
        self::assertNotWorse($less, $solver->within($tension + 4, $time));
    }

    #[DataProvider('seeds')]
    public function test_locking_or_asking_for_one_length_never_makes_it_better(int $seed): void
    {
        $report = $this->rough($seed);
        $free = (new FrontierSolver($report))->feasible();
        $random = new Randomizer(new Mt19937($seed));
        [$wishes] = $this->lockAllBut($report, $random, 27);

        $fixed = (new FrontierSolver($report, $wishes))->feasible();
        self::assertNotWorse($fixed, $free);
        foreach ($fixed->plans as $plan) {
            foreach ($wishes->fixed as $id => $treatment) {
                self::assertSame($treatment->code(), $plan->choices->for(Section::from($id))?->code());
            }
        }
        $even = (new FrontierSolver($report, new Wishes([], [EvenGroup::Legs])))->feasible();
        self::assertNotWorse($even, $free);
        foreach ($even->plans as $plan) {
            $lengths = array_map(
                fn(Section $section): float => (float) $plan->choices->for($section)?->lengthAfterMm($report->case->dog->lengthMm($section)),
                array_filter(Section::cases(), fn(Section $section): bool => $section->facts()->evenWith === EvenGroup::Legs),
            );
            self::assertCount(1, array_unique(array_map(strval(...), $lengths)));
        }
    }

    public function test_the_three_named_plans_are_its_ends_and_the_best_between(): void
    {
        $plan = fn(float $keep, float $tension): FrontierPlan => new FrontierPlan($keep, $tension, 30, Choices::of([]));
        $frontier = new Frontier([$plan(0.95, 1), $plan(0.98, 3), $plan(0.99, 4.5), $plan(1.0, 11)], 0.005);

        self::assertSame(
            [1.0, 11.0, 4.5],
            [$frontier->easiest()?->tensionMinutes, $frontier->keepsMost()?->tensionMinutes, $frontier->balanced()?->tensionMinutes],
        );
    }

    public function test_named_plans_that_are_nearly_the_same_are_one(): void
    {
        $plan = fn(float $keep, float $tension): FrontierPlan => new FrontierPlan($keep, $tension, 30, Choices::of([]));
        $names = fn(Frontier $frontier): array => array_map(
            fn(NamedPlan $named): array => [$named->plan->tensionMinutes, array_column($named->aims, 'value')],
            $frontier->named(),
        );

        self::assertSame(
            [[1.9, ['easiest', 'balanced']], [9.0, ['keep_coat']]],
            $names(new Frontier([$plan(0.900, 1.0), $plan(0.909, 1.9), $plan(0.930, 9.0)], 0.005)),
        );
        self::assertSame(
            [[1.0, ['easiest']], [2.0, ['balanced']], [9.0, ['keep_coat']]],
            $names(new Frontier([$plan(0.900, 1.0), $plan(0.909, 2.0), $plan(0.930, 9.0)], 0.005)),
        );
        self::assertSame([[1.0, ['easiest', 'balanced', 'keep_coat']]], $names(new Frontier([$plan(0.9, 1.0)], 0.005)));
    }

    #[DataProvider('worth')]
    public function test_each_minute_of_pulling_has_to_keep_its_part_of_the_coat(float $tension, float $keepPerMinute): void
    {
        $plan = fn(float $keep, float $tension): FrontierPlan => new FrontierPlan($keep, $tension, 30, Choices::of([]));
        $frontier = new Frontier([$plan(0.90, 0), $plan(0.93, 4), $plan(0.96, 10)], $keepPerMinute);

        self::assertSame($tension, $frontier->balanced()?->tensionMinutes);
    }

    /** @return iterable<string, array{float, float}> */
    public static function worth(): iterable
    {
        yield 'a coat that is worth it' => [10.0, 0.004];
        yield 'an equal gain pulls no more' => [4.0, 0.005];
        yield 'only the first part is worth it' => [4.0, 0.007];
        yield 'a dog that bears little' => [0.0, 0.0076];
        yield 'a dog that has nothing left' => [0.0, INF];
    }

    public function test_what_a_minute_has_to_keep_rises_as_the_dog_bears_less_and_where_the_house_clips_early(): void
    {
        $worth = fn(Dog $dog, HouseRules $rules = new HouseRules): float => CoatReport::of(Dogs::case(dog: $dog), $rules)->keepPerTensionMinute();

        self::assertEqualsWithDelta(0.005, $worth(Dogs::dog()), 1e-12);
        self::assertEqualsWithDelta(0.0125, $worth(Dogs::dog(temperament: Temperament::Mouthy)), 1e-12);
        self::assertEqualsWithDelta(0.015, $worth(Dogs::dog(), new HouseRules(schools: new Schools(mats: MatSchool::ClipEarly))), 1e-12);
    }

    public function test_a_slot_is_limited_by_the_rests_that_the_dog_takes(): void
    {
        $report = fn(?float $stands): CoatReport => CoatReport::of(new CoatCase(
            new Dog(20, CoatType::Mixed, false, 40, [], 48, Temperament::Easy, [], standsMinutes: $stands),
            new Kit,
            60,
            ClipConsent::Any,
            [],
        ), HouseRules::shop());

        self::assertSame([60.0, 45.0], [$report(60)->workingMinutes(), $report(15)->workingMinutes()]);
    }

    public function test_one_plan_is_all_three_and_none_is_none(): void
    {
        $clear = (new FrontierSolver(FrontierDogs::report(new Randomizer(new Mt19937(3)), matted: 0)))->feasible();
        self::assertCount(1, $clear->plans);
        self::assertSame(0.0, $clear->easiest()?->tensionMinutes);
        self::assertSame($clear->keepsMost(), $clear->balanced());

        $none = (new FrontierSolver($this->rough(1)))->within(0.0, 1.0);
        self::assertTrue($none->isEmpty());
        self::assertSame([null, null, null], [$none->easiest(), $none->balanced(), $none->keepsMost()]);
    }

    public function test_a_lock_on_what_is_not_offered_is_said(): void
    {
        $this->expectException(FixedNotOffered::class);

        new FrontierSolver($this->rough(1), new Wishes(['back' => Treatment::clip(48)]));
    }

    private function rough(int $seed): CoatReport
    {
        return FrontierDogs::report(new Randomizer(new Mt19937($seed)), matted: 12, slotMinutes: 60);
    }

    /** Each plan is matched by one that keeps at least as much for at most the pulling. */
    private static function assertNotWorse(Frontier $less, Frontier $more): void
    {
        foreach ($less->plans as $plan) {
            $matched = array_filter(
                $more->plans,
                fn(FrontierPlan $other): bool => $other->keepShare >= $plan->keepShare - 1e-9
                    && $other->tensionMinutes <= $plan->tensionMinutes + 1e-9,
            );
            self::assertNotSame([], $matched, "keeps {$plan->keepShare}, pulls {$plan->tensionMinutes}");
        }
    }

    /** @return array{Wishes, list<Section>} all but some sections locked to something that is offered, and those that are free */
    private function lockAllBut(CoatReport $report, Randomizer $random, int $free): array
    {
        $open = array_slice($random->shuffleArray(Section::cases()), 0, $free);
        $fixed = [];
        foreach ($report->options->byId() as $id => $options) {
            if (! in_array(Section::from($id), $open, true)) {
                $fixed[$id] = $options->offered[$random->getInt(0, count($options->offered) - 1)]->treatment;
            }
        }

        return [new Wishes($fixed), $open];
    }

    /**
     * @param list<Section> $free
     *
     * @return list<array{float, float, float}> keep, tension and minutes of the frontier, found by trying every plan
     */
    private function byTrying(CoatReport $report, Wishes $wishes, array $free): array
    {
        $plans = [array_map(fn(Treatment $treatment): string => $treatment->code(), $wishes->fixed)];
        foreach ($free as $section) {
            $next = [];
            foreach ($plans as $plan) {
                foreach ($report->options->at($section)->offered as $option) {
                    $next[] = [...$plan, $section->value => $option->treatment->code()];
                }
            }
            $plans = $next;
        }
        $feasible = [];
        foreach ($plans as $plan) {
            [$keep, $tension, $minutes] = $this->reckon($report, $plan);
            if ($tension <= $report->tolerance->minutes && $minutes <= $report->workingMinutes()) {
                $feasible[] = [$keep, $tension, $minutes];
            }
        }
        usort(
            $feasible,
            fn(array $one, array $other): int => round($one[1], 9) <=> round($other[1], 9)
                ?: round($other[0], 9) <=> round($one[0], 9)
                ?: $one[2] <=> $other[2],
        );
        $frontier = [];
        $most = -INF;
        foreach ($feasible as $plan) {
            if ($plan[0] > $most + 1e-10) {
                $frontier[] = $plan;
                $most = $plan[0];
            }
        }

        return $frontier;
    }

    /**
     * The sums of the law, written down once more.
     *
     * @param array<string, string> $plan
     *
     * @return array{float, float, float}
     */
    private function reckon(CoatReport $report, array $plan): array
    {
        $whole = $keep = $tension = $minutes = 0.0;
        $lengths = $weights = [];
        foreach (Section::cases() as $section) {
            $option = array_values(array_filter(
                $report->options->at($section)->offered,
                fn(Option $one): bool => $one->treatment->code() === $plan[$section->value],
            ))[0];
            $prized = in_array($section->part(), [BodyPart::Muzzle, BodyPart::Crown, BodyPart::Ear, BodyPart::Tail], true);
            $weight = $section->share() * $section->facts()->seen * ($prized ? 3 : 1);
            $whole += $weight;
            $keep += $weight * $option->keepShare;
            $tension += $option->tensionMinutes;
            $minutes += $option->minutes;
            $group = $section->facts()->evenWith?->value;
            if ($group !== null) {
                $lengths[$group][] = $option->treatment->kind === TreatmentKind::Clip
                    ? $option->treatment->clipMm
                    : $report->case->dog->lengthMm($section);
                $weights[$group] = ($weights[$group] ?? 0.0) + $weight;
            }
        }
        foreach ($lengths as $group => $all) {
            $ratio = min($all) / max($all);
            $keep -= $ratio >= 0.7 ? 0 : 0.5 * $weights[$group] * (1 - $ratio);
        }

        return [$keep / $whole, $tension, $minutes];
    }
}
