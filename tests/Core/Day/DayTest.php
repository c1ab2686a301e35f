<?php

declare(strict_types=1);

namespace Tests\Core\Day;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Day\Attention;
use HoundCheck\Core\Day\DayFacts;
use HoundCheck\Core\Day\Need;
use HoundCheck\Core\Effort\GroomerClock;
use HoundCheck\Core\Effort\GroomerClocks;
use HoundCheck\Core\House\EffortRates;
use HoundCheck\Core\Marks\MarkKind;
use HoundCheck\Core\Marks\Words\DryArea;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Core\Scene;

final class DayTest extends TestCase
{
    #[DataProvider('dogs')]
    public function test_a_dog_says_what_it_waits_for(Need $need, bool $now, \Closure $scene): void
    {
        $attention = self::attention($scene(), 10);

        self::assertSame($need, $attention->need);
        self::assertSame($now, $attention->inMinutes === 0.0);
        self::assertSame($now && $need !== Need::Nothing, $attention->since !== null);
    }

    /** @return iterable<string, array{Need, bool, \Closure(): Scene}> */
    public static function dogs(): iterable
    {
        $arrived = fn(): Scene => (new Scene)->do(
            MarkKind::Arrived,
            ['weightKg' => 12, 'coat' => 'mixed', 'coatMm' => 40, 'ageMonths' => 48, 'temperament' => 'easy'],
        );
        $matted = fn(): Scene => Scene::inspected(['tail' => Scene::comb(3, 0.2, 9.5)], consent: 'ask')->do(
            MarkKind::TreatmentChosen,
            ['treatment' => 'clip:9.5'],
            'tail',
        );
        $shown = function () use ($matted): Scene {
            $scene = $matted();

            return $scene->do(MarkKind::PlanShown, ['choices' => $scene->report()->totals->choices->codes()]);
        };
        $answered = function (string $answer) use ($shown): Scene {
            $scene = $shown();

            return $scene->do(MarkKind::AnswerGiven, ['planId' => $scene->lastId(), 'answer' => $answer, 'via' => 'here', 'who' => 'Ann']);
        };
        $agreed = fn(): Scene => $answered('yes');
        $cleared = fn(): Scene => $agreed()->brushOut(5)->do(MarkKind::BathCleared);
        $rinsing = fn(): Scene => $cleared()->do(MarkKind::BathStepped, ['step' => 'rinsed_first']);
        $bathed = fn(): Scene => $rinsing()
            ->do(MarkKind::BathStepped, ['step' => 'lathered'])
            ->do(MarkKind::BathStepped, ['step' => 'rinsed_out']);
        $dry = function () use ($bathed): Scene {
            $scene = $bathed()->do(MarkKind::DryStarted, ['method' => 'dryer']);
            foreach (DryArea::cases() as $area) {
                $scene->do(MarkKind::Dried, ['area' => $area->value]);
            }

            return $scene;
        };

        yield 'just in' => [Need::Inspection, true, $arrived];
        yield 'half inspected, nobody at it' => [Need::FinishInspection, true, fn(): Scene => $arrived()->do(MarkKind::CombChecked, Scene::comb(0), 'tail')];
        yield 'inspected, with mats to decide on' => [Need::Decide, true, fn(): Scene => Scene::inspected(['tail' => Scene::comb(3)])];
        yield 'decided' => [Need::ShowPlan, true, $matted];
        yield 'shown' => [Need::Answer, true, $shown];
        yield 'the client said no' => [Need::Reply, true, fn(): Scene => $answered('no')];
        yield 'the client asked' => [Need::Reply, true, fn(): Scene => $answered('question')];
        yield 'agreed' => [Need::Table, true, $agreed];
        yield 'hands on' => [Need::BathGate, false, fn(): Scene => $agreed()->do(MarkKind::SectionTaken, [], 'back')];
        yield 'resting' => [Need::HandsOnAgain, true, fn(): Scene => $agreed()->do(MarkKind::SectionTaken, [], 'back')->do(MarkKind::Paused)];
        yield 'the comb stopped where nobody thought' => [Need::PlanFromHere, true, fn(): Scene => $agreed()->do(MarkKind::TableCombed, Scene::comb(3), 'back')];
        yield 'nothing left to do at the table' => [Need::ClearForBath, true, fn(): Scene => $agreed()->brushOut(5)];
        yield 'cleared' => [Need::Bath, true, $cleared];
        yield 'in the bath' => [Need::RinseOut, false, $rinsing];
        yield 'rinsed' => [Need::Dry, true, $bathed];
        yield 'at the dryer' => [Need::DryToTheSkin, false, fn(): Scene => $bathed()->do(MarkKind::DryStarted, ['method' => 'dryer'])];
        yield 'dry' => [Need::SecondCombCheck, true, $dry];
        yield 'combed again, dry' => [Need::Finish, true, function () use ($dry): Scene {
            $scene = $dry();
            foreach (Section::cases() as $section) {
                $scene->do(MarkKind::SecondCombed, Scene::comb(0), $section->value);
            }

            return $scene;
        }];
        yield 'stopped' => [Need::Nothing, true, fn(): Scene => $arrived()->do(MarkKind::Stopped, ['reason' => 'ill'])];
    }

    public function test_whoever_combed_a_moment_ago_is_still_at_it(): void
    {
        $scene = (new Scene)
            ->do(MarkKind::Arrived, ['weightKg' => 12, 'coat' => 'mixed', 'coatMm' => 40, 'ageMonths' => 48, 'temperament' => 'easy'])
            ->do(MarkKind::CombChecked, Scene::comb(0), 'tail');

        // Talk 5 and 3 for any dog, and 0.02 s for each square cm.
        $whole = 8 + 10.1 * 12_000 ** (2 / 3) * 0.02 / 60;
        self::assertEqualsWithDelta($whole * 29 / 30, self::attention($scene, 1)->inMinutes, 1e-9);
    }

    public function test_what_is_left_shrinks_while_hands_are_on_the_dog_and_not_in_a_pause(): void
    {
        $scene = Scene::inspected()->do(MarkKind::SectionTaken, [], 'back');
        $now = self::attention($scene, 0);
        $later = self::attention($scene, 5);
        $scene->do(MarkKind::Paused);

        self::assertEqualsWithDelta(5.0, $now->ready->likely - $later->ready->likely, 1e-6);
        self::assertEqualsWithDelta(self::attention($scene, 0)->ready->likely, self::attention($scene, 30)->ready->likely, 1e-6);
    }

    public function test_ready_at_adds_up_all_steps_that_are_left_with_their_ranges(): void
    {
        $scene = Scene::inspected();
        $report = $scene->report();
        $ready = self::attention($scene, 0)->ready;
        $surface = 10.1 * 12_000 ** (2 / 3);
        $effort = $report->fromHere->effort;
        // All brushed: the second check takes a fifth of it. A mixed coat is left long.
        $sum = 1.2 * $report->totals->minutes + $effort->bathMinutes() + $effort->dryMinutes() + 10 + $surface * 0.1 / 60;
        $cleanUp = 5;

        // An hour on its feet, then a rest of five minutes.
        self::assertEqualsWithDelta(
            [$sum + 5 + $cleanUp, ($sum + $cleanUp) * 0.8 + 5, ($sum + $cleanUp) * 1.3 + 5],
            [$ready->likely, $ready->from, $ready->to],
            1e-6,
        );
        self::assertFalse(self::attention($scene, 0)->guess);
    }

    public function test_ready_at_counts_the_rests_of_a_dog_that_stands_for_short(): void
    {
        $adult = Scene::inspected();
        $senior = Scene::inspected(dog: ['ageMonths' => 11 * 12]);
        // Over an hour and under an hour and a half of work: one rest after the hour, two where it stands for half an hour at a time.
        self::assertEqualsWithDelta(5.0, self::attention($senior, 0)->ready->likely - self::attention($adult, 0)->ready->likely, 1e-6);

        // What it has stood already counts towards the next rest.
        $stood = Scene::inspected()->do(MarkKind::SectionTaken, [], 'tail')->do(MarkKind::Misted, [], 'tail', 25 * 60)->do(MarkKind::Misted, [], 'tail', 25 * 60);
        self::assertGreaterThan(45.0, $stood->state()->hands->feet->seconds / 60);
        $facts = self::facts($stood);
        $rested = new DayFacts(...['stoodMinutes' => 0.0] + $facts->toArray());
        $ready = fn(DayFacts $of): float => $of->at(
            $stood->now()->getTimestamp(),
            '2026-06-09',
            null,
            new EffortRates,
            new GroomerClocks,
        )->ready->likely;
        self::assertEqualsWithDelta(5.0, $ready($facts) - $ready($rested), 1e-6);
    }

    public function test_before_inspection_and_plan_ready_at_is_a_guess_from_the_slot_and_says_so(): void
    {
        $scene = (new Scene)->do(
            MarkKind::Arrived,
            ['weightKg' => 12, 'coat' => 'mixed', 'coatMm' => 40, 'ageMonths' => 48, 'temperament' => 'easy', 'slotMinutes' => 60],
        );
        $attention = self::attention($scene, 0);

        self::assertTrue($attention->guess);
        self::assertGreaterThan(60 + 8, $attention->ready->likely);
    }

    public function test_a_dog_that_is_ready_needs_someone_when_the_client_is_expected(): void
    {
        $scene = Scene::inspected()->do(MarkKind::BathCleared);
        foreach (['rinsed_first', 'lathered', 'rinsed_out'] as $step) {
            $scene->do(MarkKind::BathStepped, ['step' => $step]);
        }
        $scene->do(MarkKind::AftercareChosen, ['items' => []])->do(MarkKind::SignedOff);
        $facts = self::facts($scene);
        $now = $scene->now()->getTimestamp();

        self::assertSame(
            [Need::HandOver, 20.0],
            [
                $facts->at($now, '2026-06-09', $now + 1200, new EffortRates, new GroomerClocks)->need,
                $facts->at($now, '2026-06-09', $now + 1200, new EffortRates, new GroomerClocks)->inMinutes,
            ],
        );
        self::assertSame(0.0, $facts->at($now, '2026-06-09', $now - 60, new EffortRates, new GroomerClocks)->inMinutes);
        self::assertSame(0.0, $facts->at($now, '2026-06-09', null, new EffortRates, new GroomerClocks)->ready->likely);
    }

    public function test_a_dog_that_was_cleared_yesterday_is_checked_again_before_a_bath(): void
    {
        $facts = self::facts(Scene::inspected()->do(MarkKind::SectionTaken, [], 'back')->do(MarkKind::BathCleared));
        $need = fn(string $today): Need => $facts->at($facts->lastAt + 60, $today, null, new EffortRates, new GroomerClocks)->need;

        self::assertSame([Need::Bath, Need::ShowPlan], [$need('2026-06-09'), $need('2026-06-10')]);
        self::assertSame([Need::Bath, Need::ShowPlan], [$facts->needOn('2026-06-09'), $facts->needOn('2026-06-10')]);
    }

    public function test_what_passed_yesterday_has_lapsed_and_a_bathed_dog_has_not(): void
    {
        $brushed = Scene::inspected()->brushOut(10);
        self::assertSame([30, 0], [self::facts($brushed)->on('2026-06-09')->passed, self::facts($brushed)->on('2026-06-10')->passed]);
        self::assertSame(
            [true, false],
            [self::facts($brushed)->on('2026-06-09')->gateOpen, self::facts($brushed)->on('2026-06-10')->gateOpen],
        );

        $brushed->do(MarkKind::BathCleared);
        foreach (['rinsed_first', 'lathered', 'rinsed_out'] as $step) {
            $brushed->do(MarkKind::BathStepped, ['step' => $step]);
        }
        self::assertSame(30, self::facts($brushed)->on('2026-06-10')->passed);
    }

    public function test_a_dog_that_is_wet_at_midnight_is_dried_all_the_same(): void
    {
        $bathed = Scene::inspected()->do(MarkKind::BathCleared);
        foreach (['rinsed_first', 'lathered', 'rinsed_out'] as $step) {
            $bathed->do(MarkKind::BathStepped, ['step' => $step]);
        }

        self::assertSame(Need::Dry, self::facts($bathed)->needOn('2026-06-10'));
    }

    /** @param array<string, bool> $facts */
    #[TestWith([[], true])]
    #[TestWith([['cleared' => true], false])]
    #[TestWith([['bathed' => true], false])]
    #[TestWith([['brushedAfterDrying' => true], false])]
    public function test_the_table_counts_as_long_as_the_dog_comes_to_it(array $facts, bool $counts): void
    {
        $known = [...self::facts(Scene::inspected())->toArray(), 'secondLeft' => 0, ...$facts];
        $ready = fn(float $left): float => DayFacts::fromArray([...$known, 'leftMinutes' => $left])
            ?->at($known['lastAt'], '2026-06-09', null, new EffortRates, new GroomerClocks)->ready->likely ?? NAN;

        self::assertSame($counts, $ready(40.0) - $ready(10.0) > 1.0);
    }

    public function test_dryer_and_finish_are_forecast_by_clocks_of_their_own(): void
    {
        $facts = self::facts(Scene::inspected());
        $ready = fn(GroomerClocks $clocks): float => $facts
            ->at($facts->lastAt, '2026-06-09', null, new EffortRates, $clocks)
            ->ready->likely;
        $slow = new GroomerClock(1_000_000, 1_000_000 * log(1.5));

        self::assertEqualsWithDelta(0.5 * $facts->dryMinutes, $ready(new GroomerClocks(drying: $slow)) - $ready(new GroomerClocks), 0.01);
        $slower = $ready(new GroomerClocks(finish: $slow)) - $ready(new GroomerClocks);
        self::assertEqualsWithDelta(0.5 * $facts->finishMinutes, $slower, 0.01);
    }

    public function test_minutes_worked_beyond_the_forecast_are_said_plainly(): void
    {
        $scene = Scene::inspected()->do(MarkKind::SectionTaken, [], 'back');
        for ($line = 1; $line <= 20; $line++) {
            $scene->do(MarkKind::LineDone, ['line' => $line], 'back', 300);
        }
        $scene->do(MarkKind::TableCombed, Scene::comb(0), 'back', 0);

        self::assertEqualsWithDelta(100 - $scene->report()->minutes(), self::facts($scene)->overMinutes(new GroomerClocks), 0.01);
    }

    public function test_what_the_day_keeps_of_a_visit_is_read_back_as_it_was(): void
    {
        $facts = self::facts(Scene::inspected()->do(MarkKind::SectionTaken, [], 'back'));

        self::assertEquals($facts, DayFacts::fromArray(json_decode((string) json_encode($facts->toArray()), true)));
        self::assertNull(DayFacts::fromArray(array_slice($facts->toArray(), 1)), 'facts of another version are not guessed');
        self::assertNull(DayFacts::fromArray($facts->toArray() + ['mood' => 'good']));
    }

    private static function attention(Scene $scene, int $minutesLater): Attention
    {
        return self::facts($scene)->at(
            $scene->now()->getTimestamp() + 60 * $minutesLater,
            '2026-06-09',
            null,
            new EffortRates,
            new GroomerClocks,
        );
    }

    private static function facts(Scene $scene): DayFacts
    {
        return DayFacts::of($scene->report(), $scene->now());
    }
}
