<?php

declare(strict_types=1);

namespace Tests\Core\Bath;

use HoundCheck\Core\Bath\Lack;
use HoundCheck\Core\Bath\LackReason;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Gate\Refusal;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\House\TableRules;
use HoundCheck\Core\Marks\MarkKind;
use HoundCheck\Core\Marks\Words\HeldWay;
use HoundCheck\Core\Visit\Stage;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Scene;

final class BathGateTest extends TestCase
{
    public function test_a_dog_that_the_comb_found_clear_today_may_go_to_the_bath(): void
    {
        self::assertTrue(Scene::inspected()->report()->gate(new \DateTimeImmutable('2026-06-09 18:00'))->isOpen());
    }

    public function test_no_mat_is_taken_into_the_bath(): void
    {
        $scene = Scene::inspected(['tail' => Scene::comb(3), 'ear_l' => Scene::comb(1), 'armpit_l' => Scene::comb(3)]);

        self::assertEquals(
            [['ear_l', LackReason::NotCombed, true], ['armpit_l', LackReason::NotClipped, false], ['tail', LackReason::NotCombed, false]],
            $this->lacks($scene->do(MarkKind::TreatmentChosen, ['treatment' => 'clip:3.2'], 'armpit_l')),
        );
        self::assertSame(Refusal::GateShut, $scene->refusal(MarkKind::BathCleared));
        self::assertSame(Refusal::GateShut, $scene->refusal(MarkKind::BathStepped, ['step' => 'rinsed_first']));
    }

    public function test_it_opens_when_every_section_has_passed_or_is_clipped(): void
    {
        $scene = Scene::inspected(['tail' => Scene::comb(3), 'armpit_l' => Scene::comb(4, lift: 3.5)])->do(
            MarkKind::TreatmentChosen,
            ['treatment' => 'demat'],
            'tail',
        );
        $scene->brushOut();

        self::assertSame([], $this->lacks($scene));
        self::assertNull($scene->refusal(MarkKind::BathCleared));
        self::assertSame(Stage::Cleared, $scene->do(MarkKind::BathCleared)->report()->stage($scene->now()));
    }

    public function test_a_section_the_comb_failed_at_the_table_is_not_passed_by_the_inspection(): void
    {
        $scene = Scene::inspected()->do(MarkKind::TableCombed, Scene::comb(2), 'tail');

        self::assertEquals([['tail', LackReason::CombFailed, false]], $this->lacks($scene));
    }

    public function test_packed_undercoat_passes_the_gate_and_must_be_out_at_the_second_check(): void
    {
        $packed = ['comb' => 'catches', 'skinLine' => 'packed'];
        $scene = Scene::inspected(['back' => $packed, 'tail' => Scene::comb(2)])->do(MarkKind::TableCombed, $packed, 'tail');

        self::assertSame([], $this->lacks($scene));
        self::assertFalse($scene->do(MarkKind::SecondCombed, $packed, 'back')->state()->bath->passedSecond(Section::Back));
    }

    public function test_a_parked_mat_shuts_it_and_cannot_be_waived(): void
    {
        $scene = Scene::inspected()->do(MarkKind::MatParked, [], 'chest');

        self::assertEquals([['chest', LackReason::MatParked, false]], $this->lacks($scene));
    }

    public function test_a_place_held_for_a_vet_shuts_it_until_the_finding_is_closed_and_the_comb_went_through(): void
    {
        $scene = Scene::inspected()->do(MarkKind::FindingNoted, ['kind' => 'open_skin'], 'belly');
        $finding = $scene->lastId();

        self::assertEquals([['belly', LackReason::HeldForVet, false]], $this->lacks($scene));
        self::assertSame(
            Refusal::NoWaiverForMats,
            $scene->refusal(MarkKind::Waived, ['step' => 'before_bath', 'who' => 'Imke', 'reason' => 'x'], 'belly'),
        );
        self::assertSame(Refusal::HeldForVet, $scene->refusal(MarkKind::LineDone, ['line' => 1], 'belly'));
        self::assertEquals([['belly', LackReason::NotCombed, true]], $this->lacks($scene->do(MarkKind::FindingClosed, ['findingId' => $finding])));
        self::assertSame([], $this->lacks($scene->do(MarkKind::TableCombed, Scene::comb(0), 'belly')));
    }

    /** @param list<HeldWay> $ways */
    #[DataProvider('heldPlaces')]
    public function test_the_bath_goes_round_a_place_that_is_left_alone(array $ways, string $section, array $finding, int $grade = 0): void
    {
        $scene = Scene::inspected([$section => Scene::comb($grade)])->do(MarkKind::FindingNoted, $finding, $section);
        $lacks = $scene->report()->gate($scene->now())->lacks;
        self::assertSame([LackReason::HeldForVet], array_column($lacks, 'reason'));
        self::assertSame($ways, $lacks[0]->ways);

        foreach (HeldWay::cases() as $way) {
            $settled = ['way' => $way->value, 'clientTold' => true];
            $offered = in_array($way, $ways, true);
            self::assertSame($offered ? null : Refusal::NoWayRound, $scene->refusal(MarkKind::HeldPlaceSettled, $settled, $section));
            $after = (clone $scene)->do(MarkKind::HeldPlaceSettled, $settled, $section);
            self::assertSame($offered, $after->report()->gate($after->now())->isOpen());
        }
        self::assertSame(Refusal::GateShut, $scene->refusal(MarkKind::BathStepped, ['step' => 'rinsed_first']));
        self::assertNull($scene->refusal(MarkKind::BathStepped, ['step' => 'sponged']), 'the clean parts may be sponged');
        self::assertSame(Refusal::HeldForVet, $scene->refusal(MarkKind::TableCombed, Scene::comb(0), $section), 'nobody combs there');
    }

    /** @return iterable<string, array{list<HeldWay>, string, array<string, mixed>, 3?: int}> */
    public static function heldPlaces(): iterable
    {
        yield 'a wound at the tail' => [[HeldWay::KeptDry], 'tail', ['kind' => 'open_skin']];
        yield 'a matted ear with a swelling' => [[HeldWay::KeptDry], 'ear_l', ['kind' => 'swelling'], 3];
        yield 'a swelling under combed hair of the ear' => [[HeldWay::KeptDry, HeldWay::WaterOnly], 'ear_l', ['kind' => 'swelling']];
        yield 'a wound no larger than a palm on a leg' => [[HeldWay::KeptDry], 'foreleg_r', ['kind' => 'open_skin', 'sizeMm' => 80]];
        yield 'a larger one' => [[], 'foreleg_r', ['kind' => 'open_skin', 'sizeMm' => 81]];
        yield 'one that nobody measured' => [[], 'hindleg_r', ['kind' => 'open_skin']];
        yield 'a hot spot on the body' => [[], 'side_l', ['kind' => 'hot_spot']];
        yield 'a swelling on the body, skin whole, no mat' => [[HeldWay::WaterOnly], 'side_l', ['kind' => 'swelling'], 1];
        yield 'a swelling under a mat on the body' => [[], 'side_l', ['kind' => 'swelling'], 3];
        yield 'maggots, wherever they are' => [[], 'tail', ['kind' => 'maggots']];
    }

    public function test_a_sponge_is_no_way_past_mats_and_no_way_to_leave_lather_in(): void
    {
        $scene = Scene::inspected(['tail' => Scene::comb(3)])->do(MarkKind::FindingNoted, ['kind' => 'open_skin'], 'belly');
        self::assertSame(Refusal::NotOffered, $scene->refusal(MarkKind::BathStepped, ['step' => 'sponged']));

        $scene->do(MarkKind::TableCombed, Scene::comb(0), 'tail')->do(MarkKind::BathStepped, ['step' => 'sponged']);
        self::assertTrue($scene->state()->bath->isBathed());
        self::assertSame(Refusal::NotOffered, $scene->refusal(MarkKind::BathStepped, ['step' => 'lathered']));
    }

    #[DataProvider('waivers')]
    public function test_a_waiver_is_offered_as_far_as_the_house_goes_and_never_for_a_mat(?Refusal $expected, int $grade, float $upTo = 1): void
    {
        $scene = Scene::inspected(['tail' => Scene::comb($grade)], rules: new HouseRules(table: new TableRules(waivedUpTo: $upTo)));
        $waiver = ['step' => 'before_bath', 'who' => 'Imke', 'reason' => 'One knot at the tip, cut after the bath'];

        self::assertSame($expected, $scene->refusal(MarkKind::Waived, $waiver, 'tail'));
        self::assertSame($expected === null, $scene->do(MarkKind::Waived, $waiver, 'tail')->report()->gate($scene->now())->isOpen());
    }

    /** @return iterable<string, array{0: Refusal|null, 1: int, 2?: float}> */
    public static function waivers(): iterable
    {
        yield 'drag' => [null, 1];
        yield 'a wet tangle becomes a mat' => [Refusal::NoWaiverForMats, 2];
        yield 'a house that lets tangles go' => [null, 2, 2];
        yield 'mat' => [Refusal::NoWaiverForMats, 3, 2];
        yield 'tight mat' => [Refusal::NoWaiverForMats, 4];
        yield 'pelted' => [Refusal::NoWaiverForMats, 5];
    }

    public function test_a_waiver_does_not_hold_for_what_the_comb_found_since(): void
    {
        $scene = Scene::inspected(['tail' => Scene::comb(2)])->do(
            MarkKind::Waived,
            ['step' => 'before_bath', 'who' => 'Imke', 'reason' => 'x'],
            'tail',
        );

        self::assertFalse($scene->do(MarkKind::TableCombed, Scene::comb(3), 'tail')->report()->gate($scene->now())->isOpen());
    }

    public function test_the_clearance_lapses_at_midnight(): void
    {
        $scene = Scene::inspected()->brushOut(5)->do(MarkKind::BathCleared);

        self::assertTrue($scene->report()->isCleared(new \DateTimeImmutable('2026-06-09 23:59:59')));
        self::assertFalse($scene->report()->isCleared(new \DateTimeImmutable('2026-06-10 00:00:00')));
        self::assertSame(LackReason::OfAnotherDay, $scene->report()->gate(new \DateTimeImmutable('2026-06-10 08:00'))->lacks[0]->reason);
        self::assertSame(Refusal::GateShut, $scene->wait('+1 day')->refusal(MarkKind::BathStepped, ['step' => 'rinsed_first']));
    }

    public function test_the_clearance_lapses_when_the_dog_leaves(): void
    {
        $scene = Scene::inspected()
            ->brushOut(5)
            ->do(MarkKind::BathCleared)
            ->do(MarkKind::HandedOver, ['skippedBecause' => 'Client needs him at noon']);
        $scene->withdraw($scene->lastId());

        self::assertFalse($scene->report()->isCleared($scene->now()));
        self::assertSame(30, count($scene->report()->gate($scene->now())->lacks));
        self::assertSame(
            29,
            count($scene->do(MarkKind::TableCombed, Scene::comb(0), 'tail')->report()->gate($scene->now())->lacks),
            'the coat is checked again',
        );
    }

    public function test_a_clearance_of_the_moment_in_which_the_dog_left_does_not_count_and_a_lack_that_nobody_can_waive_says_so(): void
    {
        $scene = Scene::inspected()->brushOut(5)->do(MarkKind::BathCleared)->do(MarkKind::HandedOver, ['skippedBecause' => 'x'], null, 0);
        $scene->withdraw($scene->lastId());
        self::assertFalse($scene->report()->isCleared($scene->now()));

        $held = Scene::inspected()->do(MarkKind::FindingNoted, ['kind' => 'swelling'], 'tail');
        self::assertSame([['tail', LackReason::HeldForVet, false]], $this->lacks($held));
    }

    public function test_a_clearance_is_given_anew_after_the_dog_came_back(): void
    {
        $scene = Scene::inspected()->brushOut(5)->do(MarkKind::BathCleared)->do(MarkKind::HandedOver, ['skippedBecause' => 'x']);
        $scene->withdraw($scene->lastId());
        foreach (\HoundCheck\Core\Coat\Section::cases() as $section) {
            $scene->do(MarkKind::CombChecked, Scene::comb(0), $section->value);
        }
        self::assertFalse($scene->report()->isCleared($scene->now()), 'what was cleared before it left is not what came back');
        self::assertTrue($scene->do(MarkKind::BathCleared)->report()->isCleared($scene->now()));
    }

    public function test_a_mat_found_after_the_clearance_shuts_the_gate_again(): void
    {
        $scene = Scene::inspected()->do(MarkKind::BathCleared)->do(MarkKind::MatParked, [], 'chest');

        self::assertFalse($scene->report()->isCleared($scene->now()));
        self::assertSame(Stage::Brushing, $scene->report()->stage($scene->now()));
    }

    /** @return list<array{string, LackReason, bool}> */
    private function lacks(Scene $scene): array
    {
        return array_map(
            fn(Lack $lack): array => [$lack->section->value, $lack->reason, $lack->waivable],
            $scene->report()->gate($scene->now())->lacks,
        );
    }
}
