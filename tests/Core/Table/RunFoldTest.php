<?php

declare(strict_types=1);

namespace Tests\Core\Table;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Marks\MarkKind;
use HoundCheck\Core\Marks\Words\MatOutcome;
use HoundCheck\Core\Marks\Words\RunScope;
use HoundCheck\Core\Visit\VisitFold;
use PHPUnit\Framework\TestCase;
use Tests\Core\Scene;

final class RunFoldTest extends TestCase
{
    public function test_the_time_on_the_line_in_hand_runs_on_over_mist_and_a_signal_and_begins_anew_with_the_next_line(): void
    {
        $scene = Scene::inspected()
            ->do(MarkKind::SectionTaken, [], 'back')
            ->do(MarkKind::Misted, [], 'back', 20)
            ->do(MarkKind::Reacted, ['signal' => 'looks'], 'back', 15);
        self::assertEqualsWithDelta(35.0, $scene->run()->lineSecondsAt(Section::Back), 0.001);

        $scene->do(MarkKind::LineDone, ['line' => 1], 'back', 5)->do(MarkKind::Misted, [], 'back', 7);
        self::assertEqualsWithDelta(7.0, $scene->run()->lineSecondsAt(Section::Back), 0.001);
        self::assertEqualsWithDelta(47.0, $scene->run()->secondsAt(Section::Back), 0.001);
    }

    public function test_its_clocks_are_counted_until_the_last_mark_there(): void
    {
        $scene = Scene::inspected()->do(MarkKind::SectionTaken, [], 'back')->do(MarkKind::LineDone, ['line' => 1], 'back', 90);

        self::assertSame(90, $scene->run()->lastAt?->getTimestamp() - $scene->run()->startedAt?->getTimestamp());
    }

    public function test_before_the_first_mark_at_the_table_nothing_has_begun(): void
    {
        $run = Scene::inspected()->run();

        self::assertFalse($run->hasBegun());
        self::assertSame([], $run->done());
    }

    public function test_lines_count_once_however_often_two_tablets_mark_them(): void
    {
        $scene = Scene::inspected()->do(MarkKind::RunStarted, ['scope' => 'planned_only'])->do(MarkKind::SectionTaken, [], 'tail');
        $scene->do(MarkKind::LineDone, ['line' => 1], 'tail')
            ->do(MarkKind::LineDone, ['line' => 2], 'tail')
            ->do(MarkKind::LineDone, ['line' => 2], 'tail');

        self::assertSame(
            [[1, 2], Section::Tail, RunScope::PlannedOnly],
            [$scene->run()->at(Section::Tail)->lines, $scene->run()->current(), $scene->run()->scope],
        );
    }

    public function test_a_line_taken_back_is_to_do_again(): void
    {
        $scene = Scene::inspected()->do(MarkKind::SectionTaken, [], 'tail')->do(MarkKind::LineDone, ['line' => 1], 'tail');
        $scene->withdraw($scene->lastId());

        self::assertSame([], $scene->run()->at(Section::Tail)->lines);
    }

    public function test_the_clock_of_a_section_runs_while_hands_are_on_it_and_stands_in_a_pause(): void
    {
        $scene = Scene::inspected()->do(MarkKind::SectionTaken, [], 'tail');
        $scene->do(MarkKind::LineDone, ['line' => 1], 'tail', 30);
        $scene->do(MarkKind::Paused, [], null, 10)->do(MarkKind::Resumed, [], null, 600);
        $scene->do(MarkKind::SectionTaken, [], 'back', 20);
        $scene->do(MarkKind::SectionTaken, [], 'tail', 45);
        $scene->do(MarkKind::TableCombed, Scene::comb(0), 'tail', 15);
        $scene->do(MarkKind::Misted, [], 'back', 500);

        $run = $scene->run();
        self::assertEqualsWithDelta(
            [75.0, 45.0, 120.0],
            [$run->secondsAt(Section::Tail), $run->secondsAt(Section::Back), $run->seconds()],
            1e-6,
        );
        self::assertNull($run->current());
    }

    public function test_a_paused_run_says_so_and_hands_on_again_end_the_pause(): void
    {
        $scene = Scene::inspected()->do(MarkKind::SectionTaken, [], 'tail')->do(MarkKind::Paused, [], null, 5);
        self::assertTrue($scene->run()->isPaused());

        self::assertFalse($scene->do(MarkKind::LineDone, ['line' => 1], 'tail', 100)->run()->isPaused());
        self::assertEqualsWithDelta(5.0, $scene->run()->secondsAt(Section::Tail), 1e-6);
    }

    public function test_marks_that_arrive_an_hour_late_from_another_tablet_give_the_same_minutes(): void
    {
        $scene = Scene::inspected()->do(MarkKind::SectionTaken, [], 'tail');
        $scene->do(MarkKind::LineDone, ['line' => 1], 'tail', 20)
            ->do(MarkKind::LineDone, ['line' => 2], 'tail', 20)
            ->do(MarkKind::TableCombed, Scene::comb(0), 'tail', 20);
        $late = $scene->marks;
        // The second line came from a tablet without network: it arrives after all others.
        $moved = array_splice($late, count($late) - 2, 1);

        $inOrder = $scene->run();
        $arrivedLate = VisitFold::of([...$late, ...$moved])->run;
        self::assertEqualsWithDelta(60.0, $arrivedLate->secondsAt(Section::Tail), 1e-6);
        self::assertEqualsWithDelta($inOrder->secondsAt(Section::Tail), $arrivedLate->secondsAt(Section::Tail), 1e-6);
        self::assertSame($inOrder->at(Section::Tail)->lines, $arrivedLate->at(Section::Tail)->lines);
        self::assertTrue($arrivedLate->at(Section::Tail)->isDone());
    }

    public function test_what_is_in_hand_follows_the_order_of_arrival_whatever_the_clocks_of_two_tablets_say(): void
    {
        // One tablet is 50 seconds fast: what the other records after it bears an earlier time.
        $scene = Scene::inspected()->do(MarkKind::SectionTaken, [], 'tail', 50)->do(MarkKind::SectionTaken, [], 'back', -40);
        self::assertSame(Section::Back, $scene->run()->current());

        $scene->do(MarkKind::Paused, [], null, 45)->do(MarkKind::Resumed, [], null, -35);
        self::assertFalse($scene->run()->isPaused());
        self::assertSame(Section::Back, $scene->run()->current());
    }

    public function test_the_comb_proves_a_section_and_a_catch_does_not(): void
    {
        $scene = Scene::inspected()->do(MarkKind::LineDone, ['line' => 1], 'tail')->do(MarkKind::TableCombed, Scene::comb(1), 'tail');
        self::assertFalse($scene->run()->at(Section::Tail)->isDone());
        self::assertSame([1], $scene->run()->at(Section::Tail)->lines, 'a catch is brushed out where it caught');

        self::assertTrue($scene->do(MarkKind::TableCombed, Scene::comb(0), 'tail')->run()->at(Section::Tail)->isDone());
    }

    public function test_a_comb_that_glides_over_the_top_proves_nothing(): void
    {
        $scene = Scene::inspected()->do(MarkKind::TableCombed, ['comb' => 'glides', 'skinLine' => 'patchy'], 'tail');

        self::assertFalse($scene->run()->at(Section::Tail)->isDone());
    }

    public function test_a_comb_that_stops_sends_the_section_back_to_its_lowest_line(): void
    {
        $scene = Scene::inspected()->do(MarkKind::LineDone, ['line' => 1], 'tail')->do(MarkKind::TableCombed, Scene::comb(0), 'tail');
        $scene->do(MarkKind::TableCombed, Scene::comb(3), 'tail');

        self::assertSame(
            [[], false, 3],
            [
                $scene->run()->at(Section::Tail)->lines,
                $scene->run()->at(Section::Tail)->isDone(),
                $scene->run()->at(Section::Tail)->grade()?->value,
            ],
        );
    }

    public function test_a_mat_in_hand_has_its_own_clock_and_ends_opened_thinned_clipped_or_parked(): void
    {
        $scene = Scene::inspected(['tail' => Scene::comb(3)])->do(MarkKind::SectionTaken, [], 'tail');
        $scene->do(MarkKind::MatTaken, [], 'tail', 10);
        self::assertSame(Section::Tail, $scene->run()->mat?->section);
        $scene->do(MarkKind::MatWorked, ['outcome' => 'thinned', 'closes' => 3], 'tail', 40);

        $mat = $scene->run()->at(Section::Tail)->mats[0];
        self::assertSame([MatOutcome::Thinned, 3], [$mat->outcome, $mat->closes]);
        self::assertEqualsWithDelta(40.0, $scene->run()->matSeconds($mat->takenId), 1e-6);
        self::assertNull($scene->run()->mat);

        $scene->do(MarkKind::MatTaken, [], 'tail')->do(MarkKind::MatParked, ['note' => 'Root of the tail'], 'tail', 5);
        self::assertNull($scene->run()->mat);
        self::assertCount(1, $scene->run()->parked);
    }

    public function test_a_parked_mat_leaves_the_list_when_it_is_worked_or_the_comb_passes_there(): void
    {
        $scene = Scene::inspected()->do(MarkKind::MatParked, [], 'tail');
        $parked = $scene->lastId();
        $scene->do(MarkKind::MatParked, [], 'chest');

        self::assertSame(['tail', 'chest'], array_map(fn($mat): string => $mat->section->value, array_values($scene->run()->parked)));
        $scene->do(MarkKind::MatTaken, ['parkedId' => $parked], 'tail')->do(MarkKind::MatWorked, ['outcome' => 'opened'], 'tail');
        self::assertSame(['chest'], array_map(fn($mat): string => $mat->section->value, array_values($scene->run()->parked)));
        self::assertSame([], $scene->do(MarkKind::TableCombed, Scene::comb(0), 'chest')->run()->parked);
    }

    public function test_a_mat_noticed_in_a_finished_section_takes_its_pass_away(): void
    {
        $scene = Scene::inspected()->do(MarkKind::TableCombed, Scene::comb(0), 'tail')->do(MarkKind::MatParked, [], 'tail');

        self::assertFalse($scene->run()->at(Section::Tail)->isDone());
    }

    public function test_lines_since_the_last_mist_are_counted(): void
    {
        $scene = Scene::inspected()->do(MarkKind::LineDone, ['line' => 1], 'back')->do(MarkKind::LineDone, ['line' => 2], 'back');
        self::assertSame(2, $scene->run()->at(Section::Back)->linesSinceMist);

        self::assertSame(
            1,
            $scene->do(MarkKind::Misted, [], 'back')
                ->do(MarkKind::LineDone, ['line' => 3], 'back')
                ->run()
                ->at(Section::Back)
                ->linesSinceMist,
        );
    }

    public function test_the_same_marks_always_give_the_same_run(): void
    {
        $scene = Scene::inspected(['tail' => Scene::comb(3)])->brushOut(20);

        self::assertEquals($scene->run(), VisitFold::of($scene->marks)->run);
        self::assertCount(30, $scene->run()->done());
    }

    public function test_the_clocks_end_with_the_bath(): void
    {
        $scene = Scene::inspected()->brushOut(10)->do(MarkKind::SectionTaken, [], 'tail')->do(MarkKind::BathCleared, [], null, 30);
        $seconds = $scene->run()->seconds();
        $scene->do(MarkKind::BathStepped, ['step' => 'rinsed_first'], null, 600);

        self::assertSame($seconds, $scene->run()->seconds());
        self::assertNull($scene->run()->current());
    }

    public function test_a_long_silence_is_not_work(): void
    {
        $scene = Scene::inspected()->do(MarkKind::SectionTaken, [], 'tail')->do(MarkKind::LineDone, ['line' => 1], 'tail', 300);
        self::assertEqualsWithDelta(300.0, $scene->run()->secondsAt(Section::Tail), 1e-6);

        $scene->do(MarkKind::LineDone, ['line' => 2], 'tail', 7200);
        self::assertEqualsWithDelta(300.0, $scene->run()->secondsAt(Section::Tail), 1e-6);
        self::assertEqualsWithDelta(300.0, $scene->run()->seconds(), 1e-6);
    }

    public function test_a_mat_goes_on_when_another_is_noticed_elsewhere(): void
    {
        $scene = Scene::inspected(['tail' => Scene::comb(3)])->do(MarkKind::SectionTaken, [], 'tail')->do(MarkKind::MatTaken, [], 'tail');
        $scene->do(MarkKind::MatParked, [], 'chest', 20)->do(MarkKind::MatWorked, ['outcome' => 'opened'], 'tail', 30);

        self::assertEqualsWithDelta(50.0, $scene->run()->matSeconds($scene->run()->at(Section::Tail)->mats[0]->takenId), 1e-6);
    }

    public function test_a_mats_clock_stands_while_the_hands_are_on_another_section(): void
    {
        $scene = Scene::inspected(['tail' => Scene::comb(3)])->do(MarkKind::SectionTaken, [], 'tail')->do(MarkKind::MatTaken, [], 'tail');
        $scene->do(MarkKind::SectionTaken, [], 'back', 10)
            ->do(MarkKind::LineDone, ['line' => 1], 'back', 90)
            ->do(MarkKind::MatWorked, ['outcome' => 'opened'], 'tail', 5);

        self::assertEqualsWithDelta(10.0, $scene->run()->matSeconds($scene->run()->at(Section::Tail)->mats[0]->takenId), 1e-6);
    }

    public function test_the_clock_stops_with_a_clip(): void
    {
        $scene = Scene::inspected()
            ->do(MarkKind::SectionTaken, [], 'tail')
            ->do(MarkKind::Clipped, ['mm' => 13], 'tail', 60)
            ->do(MarkKind::Reacted, ['signal' => 'looks'], null, 100);

        self::assertEqualsWithDelta(60.0, $scene->run()->seconds(), 1e-6);
        self::assertNull($scene->run()->current());
    }
}
