<?php

declare(strict_types=1);

namespace Tests\Core\Table;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\FindingKind;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\House\LineCount;
use HoundCheck\Core\House\Schools;
use HoundCheck\Core\House\TableRules;
use HoundCheck\Core\Marks\MarkKind;
use HoundCheck\Core\Plan\Frontier\FrontierSolver;
use HoundCheck\Core\Plan\Treatment;
use HoundCheck\Core\Table\Guard;
use HoundCheck\Core\Table\GuardKind;
use HoundCheck\Core\Table\Guards;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Scene;

final class BorneTest extends TestCase
{
    public function test_what_the_dog_bears_grows_with_the_lines_of_a_matted_section(): void
    {
        $scene = $this->matted();
        $whole = $scene->report()->fromHere->options->at(Section::from('breeches_l'))->find(Treatment::demat())->tensionMinutes;
        $lines = $scene->report()->fromHere->effort->geometry(Section::BreechesLeft)->lines;
        $scene->do(MarkKind::SectionTaken, [], 'breeches_l')
            ->do(MarkKind::LineDone, ['line' => 1], 'breeches_l')
            ->do(MarkKind::LineDone, ['line' => 2], 'breeches_l');

        self::assertEqualsWithDelta($whole * 2 / $lines, $scene->report()->borne->at(Section::BreechesLeft), 1e-9);
        self::assertEqualsWithDelta(30 - $whole * 2 / $lines, $scene->report()->borne->left(), 1e-9);
        self::assertEqualsWithDelta(
            $whole,
            $scene->do(MarkKind::TableCombed, Scene::comb(0), 'breeches_l')->report()->borne->at(Section::BreechesLeft),
            1e-9,
        );
    }

    public function test_what_was_opened_where_nobody_offered_it_still_cost_its_hair(): void
    {
        // An armpit is only clipped; it was opened all the same: 1 − f × loss.
        $scene = Scene::inspected(['armpit_l' => Scene::comb(3, 0.4, 9.5)])->do(MarkKind::SectionTaken, [], 'armpit_l')
            ->do(MarkKind::TableCombed, Scene::comb(0), 'armpit_l', 60);

        self::assertEqualsWithDelta(
            1 - 0.4 * 0.06,
            $scene->report()->fromHere->options->get(Section::ArmpitLeft)->offered[0]->keepShare,
            1e-9,
        );
    }

    public function test_the_first_stretch_of_a_plan_from_here_is_what_is_left_of_its_standing(): void
    {
        $scene = Scene::inspected([], ['slotMinutes' => 30, 'standsMinutes' => 20]);
        self::assertEqualsWithDelta(25.0, $scene->report()->fromHere->workingMinutes(), 1e-9, '20, a rest of 5, and 5');
        foreach ([3, 3, 3, 3] as $minutes) {
            $scene->do(MarkKind::SectionTaken, [], 'back', 60 * $minutes);
        }

        // 9 min stood and worked: 21 are left of the slot, 11 of its standing; 11, a rest of 5, and 5.
        self::assertEqualsWithDelta(9.0, $scene->report()->state->hands->feet->seconds / 60, 0.1);
        self::assertSame(21, $scene->report()->fromHere->case->slotMinutes);
        self::assertEqualsWithDelta(16.0, $scene->report()->fromHere->workingMinutes(), 1e-9);
        self::assertSame(1, $scene->report()->fromHere->standing()->rests(16.0, 9.0));
    }

    public function test_brushing_hair_that_combs_out_asks_nothing(): void
    {
        $scene = Scene::inspected()->do(MarkKind::SectionTaken, [], 'back')->do(MarkKind::LineDone, ['line' => 1], 'back', 300);

        self::assertSame(0.0, $scene->report()->borne->byWork());
    }

    public function test_a_mat_that_took_longer_than_the_plan_reckoned_counts_by_its_clock(): void
    {
        $scene = $this->matted()->do(MarkKind::SectionTaken, [], 'breeches_l')->do(MarkKind::MatTaken, [], 'breeches_l');
        $scene->do(MarkKind::MatWorked, ['outcome' => 'opened'], 'breeches_l', 360);

        // 6 min at tender 1.0, a mat pulls 1.0.
        self::assertEqualsWithDelta(6.0, $scene->report()->borne->at(Section::BreechesLeft), 0.01);
    }

    /** @param list<string> $signals */
    #[DataProvider('signals')]
    public function test_the_dogs_signals_take_from_what_it_may_be_asked(float $left, array $signals): void
    {
        $scene = Scene::inspected();
        foreach ($signals as $signal) {
            $scene->do(MarkKind::Reacted, ['signal' => $signal], 'tail');
        }

        self::assertSame($left, $scene->report()->borne->left());
    }

    /** @return iterable<string, array{float, list<string>}> */
    public static function signals(): iterable
    {
        yield 'a quiet dog' => [30.0, []];
        yield 'looks round' => [29.0, ['looks']];
        yield 'tucks up' => [28.0, ['tucks']];
        yield 'cries' => [27.0, ['cries']];
        yield 'mouths' => [25.0, ['mouths']];
        yield 'one after the other' => [19.0, ['looks', 'tucks', 'cries', 'mouths']];
        yield 'a snap takes all' => [0.0, ['snaps']];
        yield 'never under nothing' => [0.0, ['mouths', 'mouths', 'mouths', 'mouths', 'mouths', 'mouths', 'mouths']];
    }

    public function test_after_a_snap_no_mat_is_opened_any_more_and_the_plan_from_here_offers_none(): void
    {
        $scene = $this->matted()->do(MarkKind::SectionTaken, [], 'breeches_l')->do(MarkKind::Reacted, ['signal' => 'snaps'], 'breeches_l');
        $offered = array_map(
            fn($option): string => $option->treatment->code(),
            $scene->report()->fromHere->options->at(Section::from('breeches_l'))->offered,
        );

        self::assertTrue($scene->report()->borne->isSpent());
        self::assertNotSame([], $offered);
        self::assertSame([], array_values(array_filter($offered, fn(string $code): bool => ! str_starts_with($code, 'clip:'))));
        self::assertContains(Section::BreechesLeft, $scene->report()->totals->notOnOffer);
    }

    public function test_the_plan_from_here_has_less_time_and_less_tolerance_and_leaves_what_is_done(): void
    {
        $scene = $this->matted();
        $before = $scene->report();
        $scene->do(MarkKind::SectionTaken, [], 'breeches_l')
            ->do(MarkKind::LineDone, ['line' => 1], 'breeches_l', 300)
            ->do(MarkKind::TableCombed, Scene::comb(0), 'breeches_l', 300);
        $after = $scene->report();
        $demat = $before->fromHere->options->at(Section::from('breeches_l'))->find(Treatment::demat());

        self::assertEqualsWithDelta($before->totals->minutes - $demat->minutes, $after->totals->minutes, 1e-9);
        self::assertEqualsWithDelta($before->totals->keepShare, $after->totals->keepShare, 1e-9);
        self::assertEqualsWithDelta(30 - $demat->tensionMinutes, $after->fromHere->tolerance->minutes, 1e-9);
        self::assertSame(110, $after->fromHere->case->slotMinutes);
        self::assertTrue($after->totals->isComplete());
    }

    public function test_what_was_fixed_before_and_is_ruled_out_now_holds_up_no_plan(): void
    {
        $scene = $this->matted()->do(MarkKind::TreatmentChosen, ['treatment' => 'clip:13'], 'back');
        self::assertSame(['breeches_l', 'back'], array_keys($scene->report()->wishes()->fixed));

        $scene->do(MarkKind::Reacted, ['signal' => 'snaps']);
        self::assertSame(['back'], array_keys($scene->report()->wishes()->fixed));
        $plan = (new FrontierSolver($scene->report()->fromHere, $scene->report()->wishes()))->feasible()->balanced();
        self::assertNotNull($plan);
        $scene->do(MarkKind::PlanChosen, ['aim' => 'balanced', 'choices' => $plan->choices->codes()]);
        self::assertTrue($scene->report()->totals->isComplete(), 'the plan chosen since counts');
        self::assertNotNull($scene->report()->totals->choices->for(Section::BreechesLeft)?->clipMm);
    }

    public function test_where_the_comb_stops_out_of_the_blue_the_section_is_graded_anew_and_wants_a_decision(): void
    {
        $scene = Scene::inspected(['tail' => Scene::comb(1)])->do(MarkKind::TableCombed, Scene::comb(3, 0.4, 9.5), 'tail');

        self::assertSame(Grade::Drag, $scene->report()->atInspection->grade(Section::Tail), 'what was found stays what was found');
        self::assertSame(Grade::Mat, $scene->report()->fromHere->grade(Section::Tail));
        self::assertSame([Section::Tail], $scene->report()->totals->undecided);
    }

    /** @param list<GuardKind> $expected */
    #[DataProvider('guards')]
    public function test_the_table_watches_so_that_the_groomer_need_not(array $expected, \Closure $play, array $findings = []): void
    {
        $scene = self::matted();
        $play($scene);
        $report = $scene->report();

        $guards = (new Guards($report->state->run, $report->borne, $scene->rules, 10.0))->at(Section::BreechesLeft, $findings);
        self::assertSame($expected, array_map(fn(Guard $guard): GuardKind => $guard->kind, $guards));
    }

    /** @return iterable<string, array{0: list<GuardKind>, 1: \Closure(Scene): mixed, 2?: list<FindingKind>}> */
    public static function guards(): iterable
    {
        $lines = function (Scene $scene, int $count): void {
            for ($line = 1; $line <= $count; $line++) {
                $scene->do(MarkKind::LineDone, ['line' => $line], 'breeches_l');
            }
        };
        $react = function (Scene $scene, string ...$signals): void {
            $scene->do(MarkKind::MatTaken, [], 'breeches_l')->do(MarkKind::MatWorked, ['outcome' => 'opened'], 'breeches_l', 60);
            foreach ($signals as $signal) {
                $scene->do(MarkKind::Reacted, ['signal' => $signal]);
            }
        };
        yield 'nothing to say' => [[], fn(Scene $scene) => $lines($scene, 5)];
        yield 'a charged coat is misted again' => [[GuardKind::MistAgain], fn(Scene $scene) => $lines($scene, 6)];
        yield 'a red place is rested' => [[GuardKind::RestThisPlace], fn(Scene $scene) => null, [FindingKind::Redness]];
        yield 'one place has borne enough' => [[GuardKind::SectionCapReached], fn(Scene $scene) => $scene->do(MarkKind::MatTaken, [], 'breeches_l')->do(MarkKind::MatWorked, ['outcome' => 'opened'], 'breeches_l', 600)];
        yield 'little is left' => [[GuardKind::ToleranceLow], fn(Scene $scene) => $react($scene, 'mouths', 'mouths', 'mouths', 'mouths', 'mouths', 'tucks')];
        yield 'nothing is left' => [[GuardKind::ToleranceSpent], fn(Scene $scene) => $react($scene, 'mouths', 'mouths', 'mouths', 'mouths', 'mouths', 'mouths')];
        yield 'a snap' => [[GuardKind::Snapped], fn(Scene $scene) => $react($scene, 'snaps')];
    }

    public function test_a_line_pulls_as_it_is_planned_now_and_not_as_it_was_before(): void
    {
        $scene = Scene::inspected(
            ['breeches_l' => Scene::comb(3, 0.2, 9.5)],
            rules: new HouseRules(schools: new Schools(lineCount: LineCount::Always)),
        );
        $line = function (int $line) use ($scene): float {
            $before = $scene->report()->borne->byWork();
            $scene->do(MarkKind::LineDone, ['line' => $line], 'breeches_l');

            return $scene->report()->borne->byWork() - $before;
        };
        $choose = fn(string $treatment): Scene => $scene->do(MarkKind::PlanChosen, [
            'aim' => 'between',
            'choices' => [...array_fill_keys(array_column(Section::cases(), 'value'), 'brush'), 'breeches_l' => $treatment],
        ]);
        $choose('demat')->do(MarkKind::SectionTaken, [], 'breeches_l');
        $opened = $line(1);
        self::assertGreaterThan(0.1, $opened);
        $choose('thin');
        self::assertEqualsWithDelta(0.55 * $opened, $line(2), 1e-6);
        $scene->do(MarkKind::TreatmentChosen, ['treatment' => 'demat'], 'breeches_l');
        self::assertEqualsWithDelta($opened, $line(3), 1e-6, 'what is fixed at a place goes before the plan');
    }

    public function test_a_frail_dog_that_nobody_pulled_at_yet_is_not_said_to_be_near_its_end(): void
    {
        $frail = Scene::inspected(dog: ['ageMonths' => 160, 'temperament' => 'mouthy', 'health' => ['joint_pain', 'heart_or_airway']]);
        $report = $frail->report();

        self::assertLessThan($frail->rules->table->lowToleranceMinutes, $report->borne->left());
        self::assertSame([], (new Guards($report->state->run, $report->borne, $frail->rules, 10.0))->at(Section::Back, []));
    }

    public function test_what_the_inspection_finds_while_the_hands_are_there_counts_from_the_next_touch(): void
    {
        $scene = Scene::inspected()->do(MarkKind::SectionTaken, [], 'tail')->do(MarkKind::Misted, [], 'tail', 20);
        $scene->do(MarkKind::CombChecked, Scene::comb(4, 0.5, 3.5), 'tail')->do(MarkKind::Clipped, ['mm' => 3.2], 'tail', 30);

        self::assertGreaterThan(0.0, $scene->report()->borne->byWork(), 'a tight mat is drawn up for the blade');
    }

    /** @param list<bool> $counted of a clear place, a tangle, a mat, and one that no comb was drawn through */
    #[DataProvider('lineCounts')]
    public function test_time_on_a_line_is_said_only_where_somebody_says_when_a_line_is_done(LineCount $count, array $counted): void
    {
        $scene = $this->matted();
        $rules = new HouseRules(schools: new Schools(lineCount: $count), table: new TableRules(lineSeconds: 40));
        $guards = new Guards($scene->run(), $scene->report()->borne, $rules, 10.0);

        self::assertSame(
            array_map(fn(bool $counts): ?float => $counts ? 40.0 : null, $counted),
            array_map($guards->lineSeconds(...), [Grade::Clear, Grade::Tangle, Grade::Mat, null]),
        );
    }

    /** @return iterable<string, array{LineCount, list<bool>}> */
    public static function lineCounts(): iterable
    {
        yield 'never' => [LineCount::Never, [false, false, false, false]];
        yield 'in matted sections' => [LineCount::InMattedSections, [false, true, true, false]];
        yield 'always' => [LineCount::Always, [true, true, true, true]];
    }

    private static function matted(): Scene
    {
        $scene = Scene::inspected(['breeches_l' => Scene::comb(3, 0.2, 9.5)]);

        return $scene->do(MarkKind::TreatmentChosen, ['treatment' => 'demat'], 'breeches_l');
    }
}
