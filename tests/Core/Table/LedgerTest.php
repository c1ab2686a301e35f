<?php

declare(strict_types=1);

namespace Tests\Core\Table;

use HoundCheck\Core\Bath\LackReason;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\Day\DayFacts;
use HoundCheck\Core\Gate\Refusal;
use HoundCheck\Core\Home\AftercareAdvice;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\House\LineCount;
use HoundCheck\Core\House\Schools;
use HoundCheck\Core\Marks\MarkKind;
use HoundCheck\Core\Marks\Words\Aftercare;
use HoundCheck\Core\Plan\Frontier\FrontierSolver;
use HoundCheck\Core\Plan\PlanReasons;
use HoundCheck\Core\Plan\Treatment;
use PHPUnit\Framework\TestCase;
use Tests\Core\Scene;

/** What was done at the table is told once: nothing that was worked, pulled, found or cut is forgotten because of what came after. */
final class LedgerTest extends TestCase
{
    public function test_mats_that_were_opened_were_borne_though_the_place_is_clipped_in_the_end(): void
    {
        $scene = self::matted()
            ->do(MarkKind::MatTaken, [], 'breeches_l')
            ->do(MarkKind::MatWorked, ['outcome' => 'opened'], 'breeches_l', 480);
        self::assertEqualsWithDelta(8.0, $scene->report()->borne->byWork(), 0.01);

        $scene->do(MarkKind::Clipped, ['mm' => 9.5], 'breeches_l', 30);
        self::assertEqualsWithDelta(8.0, $scene->report()->borne->byWork(), 0.01);
    }

    public function test_a_tight_mat_that_is_clipped_after_opening_pulls_for_both(): void
    {
        $scene = Scene::inspected(['breeches_l' => Scene::comb(4, 0.4, 3.5)]);
        $clip = $scene->report()->fromHere->options->at(Section::from('breeches_l'))->find(Treatment::clip(3.2))->tensionMinutes;
        $scene->do(MarkKind::SectionTaken, [], 'breeches_l')
            ->do(MarkKind::MatTaken, [], 'breeches_l')
            ->do(MarkKind::MatWorked, ['outcome' => 'opened'], 'breeches_l', 60);
        $scene->do(MarkKind::Clipped, ['mm' => 3.2], 'breeches_l', 30);

        self::assertGreaterThan(0.0, $clip);
        // A minute at a tight mat, tender 1.0, pulls 1.6.
        self::assertEqualsWithDelta(1.6 + $clip, $scene->report()->borne->at(Section::BreechesLeft), 1e-6);
    }

    public function test_what_was_worked_by_the_clock_stays_when_the_plan_changes_to_a_clip(): void
    {
        $scene = self::matted();
        $whole = $scene->report()->fromHere->options->at(Section::from('breeches_l'))->find(Treatment::demat());
        self::assertSame(0.0, $scene->report()->borne->byWork());

        // Nobody counts lines, nobody says which mat is in hand: two minutes of the minutes that opening takes are done.
        $scene->do(MarkKind::TreatmentChosen, ['treatment' => 'clip:9.5'], 'breeches_l', 120);
        $part = 2.0 / $whole->minutes;
        self::assertLessThan(1.0, $part);
        self::assertEqualsWithDelta($whole->tensionMinutes * $part, $scene->report()->borne->byWork(), 1e-6);

        $borne = $scene->do(MarkKind::Clipped, ['mm' => 9.5], 'breeches_l', 60)->report()->borne->byWork();
        self::assertEqualsWithDelta($whole->tensionMinutes * $part, $borne, 1e-6, 'clipping a mat of grade 3 pulls at nothing');
    }

    public function test_what_was_worked_by_the_clock_stays_when_the_hands_move_on_and_when_the_comb_stops_again(): void
    {
        $scene = self::matted();
        $whole = $scene->report()->fromHere->options->at(Section::from('breeches_l'))->find(Treatment::demat());
        $perMinute = $whole->tensionMinutes / $whole->minutes;
        $scene->do(MarkKind::SectionTaken, [], 'tail', 60);
        self::assertEqualsWithDelta($perMinute, $scene->report()->borne->byWork(), 1e-6);

        $scene->do(MarkKind::SectionTaken, [], 'breeches_l', 200);
        $scene->do(MarkKind::TableCombed, Scene::comb(3, 0.1, 9.5), 'breeches_l', 60);
        self::assertEqualsWithDelta(2 * $perMinute, $scene->report()->borne->byWork(), 1e-6);
    }

    public function test_where_lines_are_counted_they_say_how_far_it_came_and_not_the_clock(): void
    {
        $scene = self::matted(new HouseRules(schools: new Schools(lineCount: LineCount::InMattedSections)));
        $scene->do(MarkKind::SectionTaken, [], 'tail', 240);

        self::assertSame(0.0, $scene->report()->borne->byWork());
    }

    public function test_what_the_lines_asked_stays_when_the_comb_stops_again(): void
    {
        $scene = self::matted(new HouseRules(schools: new Schools(lineCount: LineCount::Always)));
        for ($line = 1; $line <= 4; $line++) {
            $scene->do(MarkKind::LineDone, ['line' => $line], 'breeches_l', 20);
        }
        $borne = $scene->report()->borne->byWork();
        self::assertGreaterThan(0.5, $borne);

        $scene->do(MarkKind::TableCombed, Scene::comb(3, 0.1, 9.5), 'breeches_l');
        self::assertEqualsWithDelta($borne, $scene->report()->borne->byWork(), 1e-9);

        $whole = $scene->report()->fromHere->options->at(Section::from('breeches_l'))->find(Treatment::demat())->tensionMinutes;
        $scene->do(MarkKind::TableCombed, Scene::comb(0), 'breeches_l', 120);
        self::assertEqualsWithDelta($borne + $whole, $scene->report()->borne->byWork(), 1e-9, 'and what was opened then comes on top');
    }

    public function test_a_place_found_at_the_table_and_opened_was_borne(): void
    {
        $scene = Scene::inspected()
            ->do(MarkKind::SectionTaken, [], 'tail')
            ->do(MarkKind::TableCombed, Scene::comb(3, 0.2, 9.5), 'tail', 20);
        $scene->do(MarkKind::TreatmentChosen, ['treatment' => 'demat'], 'tail')
            ->do(MarkKind::MatTaken, [], 'tail')
            ->do(MarkKind::MatWorked, ['outcome' => 'opened'], 'tail', 240);
        $borne = $scene->report()->borne->byWork();
        // 4 min at tender 1.3, a mat pulls 1.0.
        self::assertEqualsWithDelta(5.2, $borne, 0.01);

        self::assertEqualsWithDelta($borne, $scene->do(MarkKind::TableCombed, Scene::comb(0), 'tail')->report()->borne->byWork(), 1e-9);
    }

    public function test_the_only_way_there_is_counts_though_nobody_chose_it(): void
    {
        // Shorter than any cutter but its tangles: opening is the only way.
        $scene = Scene::inspected(['tail' => Scene::comb(2, 0.2)], ['coatMm' => 1.2]);
        $demat = $scene->report()->fromHere->options->at(Section::from('tail'))->find(Treatment::demat());
        self::assertNotNull($demat);
        self::assertCount(1, $scene->report()->fromHere->options->at(Section::from('tail'))->offered);

        $scene->do(MarkKind::TableCombed, Scene::comb(0), 'tail', 60);
        self::assertEqualsWithDelta($demat->tensionMinutes, $scene->report()->borne->byWork(), 1e-9);
        self::assertGreaterThan(0.0, $demat->tensionMinutes);
    }

    public function test_a_mat_that_is_parked_after_pulling_at_it_was_borne(): void
    {
        $scene = self::matted()->do(MarkKind::MatTaken, [], 'breeches_l')->do(MarkKind::MatParked, [], 'breeches_l', 180);

        self::assertEqualsWithDelta(3.0, $scene->report()->borne->byWork(), 0.01);
    }

    public function test_a_mat_that_is_put_down_for_another_was_pulled_at_all_the_same_and_stays_parked(): void
    {
        $scene = self::matted()->do(MarkKind::MatParked, [], 'breeches_l');
        $scene->do(MarkKind::MatTaken, ['parkedId' => $scene->lastId()], 'breeches_l')->do(MarkKind::MatTaken, [], 'breeches_l', 120);
        self::assertEqualsWithDelta(2.0, $scene->report()->borne->byWork(), 0.01);
        self::assertCount(1, $scene->run()->parked);

        $scene->do(MarkKind::BathCleared, [], null, 60);
        self::assertEqualsWithDelta(3.0, $scene->report()->borne->byWork(), 0.01);
        self::assertNull($scene->run()->mat);
    }

    public function test_a_wound_under_a_clipped_pelt_shuts_the_gate(): void
    {
        $scene = Scene::inspected(['breeches_l' => Scene::comb(5, 0.8, 3.5)])->brushOut(20);
        self::assertTrue($scene->report()->gate($scene->now())->isOpen());

        $scene->do(MarkKind::FindingNoted, ['kind' => 'open_skin'], 'breeches_l');
        $lacks = $scene->report()->gate($scene->now())->lacks;
        self::assertSame(
            [[LackReason::HeldForVet, Section::BreechesLeft]],
            array_map(fn($lack): array => [$lack->reason, $lack->section], $lacks),
        );
    }

    public function test_once_the_dog_is_wet_it_is_lathered_and_rinsed_whatever_is_found(): void
    {
        $scene = Scene::inspected()
            ->brushOut(20)
            ->do(MarkKind::BathCleared)
            ->do(MarkKind::BathStepped, ['step' => 'rinsed_first'])
            ->do(MarkKind::BathStepped, ['step' => 'lathered']);
        $scene->do(MarkKind::FindingNoted, ['kind' => 'open_skin'], 'tail');
        self::assertFalse($scene->report()->gate($scene->now())->isOpen());

        self::assertNull($scene->refusal(MarkKind::BathStepped, ['step' => 'rinsed_out']));
        self::assertSame('rinse_out', DayFacts::of($scene->report(), $scene->now())->needOn('2026-06-09')->value);
    }

    public function test_the_first_water_waits_for_the_gate(): void
    {
        $scene = Scene::inspected()->brushOut(20)->do(MarkKind::BathCleared)->do(MarkKind::FindingNoted, ['kind' => 'swelling'], 'tail');

        self::assertSame(Refusal::GateShut, $scene->refusal(MarkKind::BathStepped, ['step' => 'rinsed_first']));
    }

    public function test_the_price_keeps_the_mats_that_were_opened_at_the_table(): void
    {
        $scene = Scene::inspected()
            ->do(MarkKind::TableCombed, Scene::comb(3, 0.5, 9.5), 'breeches_l')
            ->do(MarkKind::TreatmentChosen, ['treatment' => 'demat'], 'breeches_l');
        $planned = $scene->report()->matMinutes($scene->report()->totals->choices);
        $forecast = $scene->report()->sectionMinutes(Section::BreechesLeft);
        self::assertGreaterThan(5.0, $planned);

        $scene->do(MarkKind::TableCombed, Scene::comb(0), 'breeches_l', 200);
        self::assertEqualsWithDelta($planned, $scene->report()->matMinutes($scene->report()->totals->choices), 1e-9);
        self::assertEqualsWithDelta(
            $forecast,
            $scene->report()->sectionMinutes(Section::BreechesLeft),
            1e-9,
            'the clock learns from the same figure',
        );
    }

    public function test_a_blade_is_tried_under_a_mat_only(): void
    {
        $scene = Scene::inspected(['tail' => Scene::comb(4, 0.4)]);
        self::assertSame(Refusal::NoMatThere, $scene->refusal(MarkKind::BladeTried, ['mm' => 1.5, 'result' => 'passes'], 'back'));
        self::assertNull($scene->refusal(MarkKind::BladeTried, ['mm' => 3.2, 'result' => 'passes'], 'tail'));

        $scene->do(MarkKind::BladeTried, ['mm' => 1.5, 'result' => 'passes'], 'back');
        self::assertSame(
            Grade::Clear,
            $scene->report()->fromHere->grade(Section::Back),
            'and one that an earlier version let in measures nothing',
        );
    }

    public function test_a_tight_ear_found_at_the_table_is_warned_of(): void
    {
        $scene = Scene::inspected()
            ->do(MarkKind::TableCombed, Scene::comb(4, 0.4, 9.5), 'ear_r')
            ->do(MarkKind::Clipped, ['mm' => 9.5], 'ear_r', 30);

        self::assertSame([Aftercare::EarsAfterTightMats], AftercareAdvice::of($scene->run(), $scene->state()->dog()->coat, []));
    }

    public function test_a_longer_cut_of_matted_hair_takes_the_comb_and_a_short_one_does_not(): void
    {
        $scene = Scene::inspected(['chest' => Scene::comb(3, 0.2, 9.5), 'tail' => Scene::comb(3, 0.2, 9.5)])
            ->do(MarkKind::Clipped, ['mm' => 6.3], 'chest', 30)
            ->do(MarkKind::Clipped, ['mm' => 3.2], 'tail', 30);
        $lacks = fn(Scene $scene): array => array_column($scene->report()->gate($scene->now())->lacks, 'reason', null);

        self::assertSame([Section::Tail], $scene->run()->done());
        self::assertSame([LackReason::NotCombed], $lacks($scene));
        self::assertSame([], $lacks($scene->do(MarkKind::TableCombed, Scene::comb(0), 'chest', 10)));
        self::assertSame(6.3, $scene->run()->at(Section::Chest)->cutMm());
    }

    public function test_a_cut_keeps_as_much_when_it_is_made_as_when_it_was_planned(): void
    {
        $scene = Scene::inspected(['chest' => Scene::comb(3, 0.2, 9.5)])
            ->do(MarkKind::ArrivalAnswered, ['wantedMm' => 13])
            ->do(MarkKind::TreatmentChosen, ['treatment' => 'clip:9.5'], 'chest');
        $planned = $scene->report()->totals->keepShare;
        $scene->do(MarkKind::Clipped, ['mm' => 9.5], 'chest', 30)->do(MarkKind::TableCombed, Scene::comb(0), 'chest', 10);

        self::assertNotNull($planned);
        self::assertEqualsWithDelta($planned, $scene->report()->totals->keepShare, 1e-9);
    }

    public function test_what_is_clipped_off_before_the_bath_need_not_be_dried(): void
    {
        $pelted = array_fill_keys(['back', 'side_l', 'side_r', 'breeches_l', 'breeches_r'], Scene::comb(5, 0.8, 3.2));
        $dog = Scene::inspected()->report();
        $shorn = Scene::inspected($pelted);
        array_map(fn(string $id) => $shorn->do(MarkKind::TreatmentChosen, ['treatment' => 'clip:3.2'], $id), array_keys($pelted));
        $planned = $shorn->report()->dryMinutes();
        array_map(fn(string $id) => $shorn->do(MarkKind::Clipped, ['mm' => 3.2], $id, 30), array_keys($pelted));

        self::assertLessThan($dog->dryMinutes(), $planned);
        self::assertEqualsWithDelta($planned, $shorn->report()->dryMinutes(), 1e-9);
        $guard = Scene::inspected()->do(MarkKind::TreatmentChosen, ['treatment' => 'clip:16'], 'back')->report();
        self::assertEqualsWithDelta($dog->dryMinutes(), $guard->dryMinutes(), 1e-9, 'a guard comes after the dryer');
    }

    public function test_a_cut_on_clean_coat_waits_for_the_dryer_and_is_none_of_the_tables_work(): void
    {
        $scene = Scene::inspected()->do(MarkKind::TreatmentChosen, ['treatment' => 'clip:16'], 'chest')
            ->do(MarkKind::TableCombed, Scene::comb(0), 'chest', 60);
        $before = $scene->report()->minutes();

        self::assertSame([], $scene->report()->gate($scene->now())->lacks, 'combed through is enough for the bath');
        self::assertSame(['chest' => 16.0], $scene->report()->cuts()->onCleanCoat()->byId());

        $scene->do(MarkKind::Clipped, ['mm' => 16], 'chest', 30);
        self::assertSame([], $scene->report()->cuts()->onCleanCoat()->byId());
        self::assertEqualsWithDelta($before, $scene->report()->minutes(), 1e-9);
        self::assertSame(16.0, $scene->run()->at(Section::Chest)->cutMm());
    }

    public function test_after_a_lapse_at_midnight_fresh_clear_checks_open_the_gate(): void
    {
        $scene = Scene::inspected()->brushOut(20)->wait('+1 day');
        self::assertSame(30, count($scene->report()->gate($scene->now())->lacks));

        foreach (Section::cases() as $section) {
            $scene->do(MarkKind::CombChecked, Scene::comb(0), $section->value);
        }
        self::assertSame([], $scene->report()->gate($scene->now())->lacks);
    }

    public function test_a_fresh_check_that_finds_a_mat_takes_yesterdays_pass_away(): void
    {
        $scene = Scene::inspected()->brushOut(20)->wait('+1 day')->do(MarkKind::CombChecked, Scene::comb(3, 0.2, 9.5), 'tail');

        self::assertFalse($scene->run()->at(Section::Tail)->isDone());
        self::assertSame(Grade::Mat, $scene->report()->fromHere->grade(Section::Tail));
        self::assertContains(Section::Tail, $scene->report()->totals->undecided);
    }

    public function test_a_clipped_place_keeps_its_length_when_the_comb_goes_through_it_later(): void
    {
        $scene = Scene::inspected()->do(MarkKind::Clipped, ['mm' => 13], 'back', 30)->do(MarkKind::TableCombed, Scene::comb(0), 'back', 30);

        self::assertSame(13.0, $scene->run()->at(Section::Back)->cutMm());
        self::assertSame('clip:13', $scene->report()->totals->choices->for(Section::Back)?->code());
        self::assertSame(0.0, $scene->report()->borne->byWork());
    }

    public function test_a_comb_check_taken_back_under_a_clipped_place_leaves_plan_and_reasons_readable(): void
    {
        $scene = Scene::inspected(['tail' => Scene::comb(4, 0.4, 9.5)]);
        $check = $scene->marks[array_search('tail', array_map(fn($mark): ?string => $mark->section?->value, $scene->marks), true)]->id;
        $scene->do(MarkKind::Clipped, ['mm' => 9.5], 'tail')->withdraw($check);
        $report = $scene->report();

        self::assertSame([Section::Tail], $report->atInspection->toCheck());
        self::assertArrayHasKey('tail', PlanReasons::of($report->fromHere, $report->totals->choices));
    }

    public function test_a_dog_that_snapped_in_an_overrun_slot_still_has_its_ways_out(): void
    {
        $scene = Scene::inspected(
            ['breeches_l' => Scene::comb(3, 0.8, 9.5)],
            ['slotMinutes' => 10],
        )->do(MarkKind::SectionTaken, [], 'back');
        for ($line = 1; $line <= 5; $line++) {
            $scene->do(MarkKind::LineDone, ['line' => $line], 'back', 200);
        }
        $scene->do(MarkKind::Reacted, ['signal' => 'snaps']);
        $shortfall = (new FrontierSolver($scene->report()->fromHere, $scene->report()->wishes()))->shortfall();

        self::assertNotNull($shortfall);
        self::assertGreaterThan(0.0, $shortfall->minutesOver);
        self::assertSame(1, $shortfall->visits);
    }

    public function test_more_pulling_than_the_dog_can_bear_is_divided_among_visits(): void
    {
        $pelts = array_fill_keys(['breeches_l', 'breeches_r', 'side_l', 'side_r', 'belly', 'chest', 'back'], Scene::comb(5, 0.9, 3.5));
        $report = Scene::inspected(
            $pelts,
            ['weightKg' => 60, 'temperament' => 'mouthy', 'ageMonths' => 160, 'slotMinutes' => 400],
        )->report();
        $shortfall = (new FrontierSolver($report->fromHere, $report->wishes()))->shortfall();

        $tolerance = $report->fromHere->tolerance->minutes;
        self::assertGreaterThan($tolerance, $shortfall?->clipDown->tensionMinutes);
        self::assertSame((int) ceil($shortfall->clipDown->tensionMinutes / $tolerance), $shortfall->visits);
        self::assertGreaterThan(1, $shortfall->visits);
        self::assertSame(0.0, $shortfall->minutesOver, 'the day holds it; the dog does not');
    }

    public function test_an_erased_picture_is_not_brought_back_by_undo(): void
    {
        $scene = Scene::inspected()->do(MarkKind::PhotoTaken, ['moment' => 'before', 'widthPx' => 10, 'heightPx' => 10], 'tail');
        $scene->do(MarkKind::PhotoDeleted, ['photoId' => $scene->lastId(), 'reason' => 'Blurred']);

        self::assertSame(Refusal::CannotBeWithdrawn, $scene->refusal(MarkKind::Withdrawn, ['markId' => $scene->lastId()]));
    }

    public function test_a_tangle_may_be_thinned_though_no_plan_offers_it_and_a_mat_only_where_it_is_offered(): void
    {
        $tangle = Scene::inspected(['tail' => Scene::comb(2, 0.1)])
            ->do(MarkKind::SectionTaken, [], 'tail')
            ->do(MarkKind::MatTaken, [], 'tail');
        self::assertNull($tangle->refusal(MarkKind::MatWorked, ['outcome' => 'thinned', 'closes' => 1], 'tail'));

        $silky = Scene::inspected(['tail' => Scene::comb(3, 0.1)], ['coat' => 'silky'])
            ->do(MarkKind::SectionTaken, [], 'tail')
            ->do(MarkKind::MatTaken, [], 'tail');
        self::assertSame(Refusal::NotOffered, $silky->refusal(MarkKind::MatWorked, ['outcome' => 'thinned', 'closes' => 1], 'tail'));
    }

    private static function matted(HouseRules $rules = new HouseRules): Scene
    {
        return Scene::inspected(['breeches_l' => Scene::comb(3, 0.2, 9.5)], [], $rules)
            ->do(MarkKind::TreatmentChosen, ['treatment' => 'demat'], 'breeches_l')
            ->do(MarkKind::SectionTaken, [], 'breeches_l');
    }
}
