<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Comb;
use HoundCheck\Core\CombCheck\CombCheck;
use HoundCheck\Core\CombCheck\FindingKind;
use HoundCheck\Core\CombCheck\Opens;
use HoundCheck\Core\CombCheck\SkinLine;
use HoundCheck\Core\Dog\Dog;
use HoundCheck\Core\Dog\Temperament;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\House\Kit;
use HoundCheck\Core\House\PlanRules;
use HoundCheck\Core\Plan\BarReason;
use HoundCheck\Core\Plan\ClipConsent;
use HoundCheck\Core\Plan\CoatCase;
use HoundCheck\Core\Plan\CoatReport;
use HoundCheck\Core\Plan\NotOffered;
use HoundCheck\Core\Plan\Option;
use HoundCheck\Core\Plan\SectionOptions;
use HoundCheck\Core\Plan\SectionReading;
use HoundCheck\Core\Plan\Treatment;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Dogs;

final class TreatmentTableTest extends TestCase
{
    public function test_a_clear_section_is_brushed_or_clipped_with_any_cutter_shorter_than_the_coat(): void
    {
        $options = $this->options(Dogs::case(), 'back');

        self::assertSame(
            ['brush', 'clip:1.5', 'clip:3.2', 'clip:6.3', 'clip:9.5', 'clip:13', 'clip:16', 'clip:19', 'clip:22', 'clip:25', 'clip:32'],
            $this->offered($options),
        );
        self::assertSame([], $options->notOffered);
    }

    public function test_hair_that_combs_out_is_cut_after_the_dryer_and_takes_the_table_no_more_than_brushing(): void
    {
        $minutes = $this->by($this->options(Dogs::case(), 'back'), fn(Option $option): float => $option->minutes);

        self::assertSame([$minutes['brush'], $minutes['brush']], [$minutes['clip:13'], $minutes['clip:16']]);
    }

    /** @param array<string, float> $expected */
    #[DataProvider('wishes')]
    public function test_a_cut_is_held_against_what_the_client_wants_to_see(?float $wantedMm, Dog $dog, array $expected): void
    {
        $case = Dogs::case(dog: $dog);
        $wanted = new CoatCase($dog, $case->kit, 120, ClipConsent::Any, $case->sections, wantedMm: $wantedMm);
        $keep = $this->by($this->options($wanted, 'back'), fn(Option $option): float => $option->keepShare);

        self::assertEqualsWithDelta($expected, array_intersect_key($keep, $expected), 1e-9);
        self::assertCount(count($expected), array_intersect_key($keep, $expected));
    }

    /** @return iterable<string, array{float|null, Dog, array<string, float>}> */
    public static function wishes(): iterable
    {
        $double = Dogs::dog(coat: CoatType::Double, coatMm: 60);
        yield 'as it is' => [null, Dogs::dog(), ['clip:13' => 13 / 40, 'clip:25' => 25 / 40, 'clip:32' => 0.95]];
        yield 'wanted at 13 mm, nothing is lost by 13' => [13, Dogs::dog(), ['clip:6.3' => 6.3 / 13, 'clip:9.5' => 0.95, 'clip:13' => 1.0, 'clip:25' => 1.0]];
        yield 'wanted longer than it is' => [90, Dogs::dog(), ['clip:32' => 0.95]];
        yield 'a double coat is not wanted short' => [13, $double, ['clip:25' => 25 / 60, 'clip:32' => 32 / 60]];
        yield 'at 25 mm it is' => [25, $double, ['clip:25' => 1.0, 'clip:32' => 1.0]];
    }

    public function test_a_mat_is_opened_thinned_or_clipped_under_its_lift(): void
    {
        $options = $this->options(Dogs::case(['back' => Dogs::mat(0.2, 6.3)]), 'back');

        self::assertSame(['demat', 'thin', 'clip:1.5', 'clip:3.2', 'clip:6.3'], $this->offered($options));
        $keep = $this->by($options, fn(Option $option): float => $option->keepShare);
        self::assertEqualsWithDelta(1 - 0.2 * 0.06, $keep['demat'], 1e-9);
        self::assertEqualsWithDelta(1 - 0.2 * (1 - 0.85 ** 2), $keep['thin'], 1e-9);
        $tension = $this->by($options, fn(Option $option): float => $option->tensionMinutes);
        self::assertEqualsWithDelta(0.55 * $tension['demat'], $tension['thin'], 1e-9);
        self::assertSame(0.0, $tension['clip:1.5']);
    }

    public function test_a_mat_on_the_skin_itself_has_no_lift_whatever_is_usual_for_its_grade(): void
    {
        $options = $this->options(Dogs::case(['back' => Dogs::mat(0.2, 0.0)]), 'back');

        self::assertSame(['demat', 'clip:1.5'], $this->offered($options));
        self::assertTrue($options->find(Treatment::clip(1.5))?->bladeTestFirst);
    }

    public function test_the_shortest_blade_goes_under_any_mat_but_not_before_a_try_of_it_passed(): void
    {
        $first = fn(float $lift): array => array_keys(array_filter($this->by(
            $this->options(Dogs::case(['back' => Dogs::tightMat(0.2, $lift)]), 'back'),
            fn(Option $option): bool => $option->bladeTestFirst,
        )));

        self::assertSame([['clip:1.5'], [], []], [$first(1.4), $first(1.5), $first(6.3)]);
    }

    public function test_thinning_takes_more_closes_at_a_tight_mat(): void
    {
        $keep = $this->by($this->options(Dogs::case(['back' => Dogs::tightMat(0.2, 6.3)]), 'back'), fn(Option $option): float => $option->keepShare);

        self::assertEqualsWithDelta(1 - 0.2 * (1 - 0.85 ** 3), $keep['thin'], 1e-9);
    }

    public function test_leaving_a_place_alone_can_be_chosen_anywhere_and_is_offered_only_where_nothing_else_may_be_done(): void
    {
        $options = $this->options(Dogs::case(['back' => Dogs::mat()]), 'back');

        self::assertNotContains('leave', $this->offered($options));
        self::assertEquals(Option::leave(), $options->find(Treatment::leave()));
        self::assertFalse($options->isLeftAlone());
    }

    public function test_a_report_made_from_another_dogs_is_that_of_its_own_dog(): void
    {
        $rules = HouseRules::shop();
        foreach ([[8.0, 30.0], [30.0, 8.0]] as [$one, $other]) {
            $before = CoatReport::of(Dogs::case(dog: Dogs::dog(weightKg: $one)), $rules);
            $case = Dogs::case(dog: Dogs::dog(weightKg: $other));

            self::assertEquals(CoatReport::of($case, $rules)->options, CoatReport::of($case, $rules, $before)->options);
        }
    }

    public function test_a_tangle_is_not_thinned(): void
    {
        self::assertSame(
            ['demat', 'clip:1.5', 'clip:3.2', 'clip:6.3', 'clip:9.5', 'clip:13'],
            $this->offered($this->options(Dogs::case(['back' => Dogs::tangle(0.1)]), 'back')),
        );
    }

    public function test_what_nobody_measured_counts_as_the_rule_of_thumb_for_the_grade(): void
    {
        $given = $this->options(Dogs::case(['back' => Dogs::mat(0.2, 9.5)]), 'back');

        $assumed = $this->options(Dogs::case(['back' => Dogs::mat()]), 'back');
        self::assertEquals($given->offered, $assumed->offered);
        $told = fn(SectionOptions $options): array => array_map(fn(NotOffered $bar): array => [$bar->reason, $bar->found, $bar->isAssumed], $options->notOffered);
        self::assertSame([[BarReason::BladeOverLift, 9.5, false], [BarReason::BladeOverLift, 9.5, true]], [$told($given)[0], $told($assumed)[0]]);
    }

    /** @param array<string, BarReason> $expected */
    #[DataProvider('bars')]
    public function test_what_is_not_offered_says_why(string $section, CoatCase $case, array $expected, ?array $offered = null): void
    {
        $options = $this->options($case, $section);
        $bars = array_column(array_map(fn(NotOffered $bar): array => [$bar->treatment->code(), $bar->reason], $options->notOffered), 1, 0);

        self::assertSame($expected, array_intersect_key($bars, $expected));
        self::assertSame([], array_intersect(array_keys($expected), $this->offered($options)));
        if ($offered !== null) {
            self::assertSame($offered, $this->offered($options));
        }
    }

    /** @return iterable<string, array{string, CoatCase, array<string, BarReason>, 3?: list<string>}> */
    public static function bars(): iterable
    {
        $double = Dogs::dog(coat: CoatType::Double, coatMm: 60);
        $primitive = Dogs::dog(coat: CoatType::Double, coatMm: 60, primitive: true);
        $frail = Dogs::dog(ageMonths: 170, temperament: Temperament::Mouthy);
        $mat = Dogs::mat(0.1, 9.5);
        $byFingers = new CombCheck(Comb::Stops, SkinLine::Patchy, opens: Opens::Fingers, mattedShare: 0.3, liftMm: 9.5);
        $byNothing = new CombCheck(Comb::CannotEnter, SkinLine::Patchy, opens: Opens::No, mattedShare: 0.1, liftMm: 5);
        $at = fn(FindingKind ...$kinds): array => ['back' => $kinds];

        yield 'a pelt is clipped, nothing else' => ['back', Dogs::case(['back' => Dogs::pelted()]), ['demat' => BarReason::PeltedClipOnly, 'thin' => BarReason::PeltedClipOnly], ['clip:1.5']];
        yield 'a matted hot spot is clipped with fine teeth' => ['back', Dogs::case(['back' => Dogs::tangle()], $at(FindingKind::HotSpot)), ['demat' => BarReason::HotSpotClipOnly, 'clip:6.3' => BarReason::FineTeethOnly], ['clip:1.5', 'clip:3.2']];
        yield 'over a combed hot spot nothing goes' => ['back', Dogs::case([], $at(FindingKind::HotSpot)), ['brush' => BarReason::HotSpotLeave], ['leave']];
        yield 'with mites or lice mats are only clipped' => ['back', Dogs::case(['back' => Dogs::mat(0.1, 5)], $at(FindingKind::MitesOrLice)), ['demat' => BarReason::ParasitesClipOnly, 'thin' => BarReason::ParasitesClipOnly], ['clip:1.5', 'clip:3.2']];
        yield 'maggots: nobody works on' => ['back', Dogs::case(['back' => $mat], $at(FindingKind::Maggots)), ['demat' => BarReason::MaggotsLeave, 'clip:1.5' => BarReason::MaggotsLeave], ['leave']];
        yield 'armpits are not worth pulling' => ['armpit_r', Dogs::case(['armpit_r' => Dogs::mat(0.1, 5)]), ['demat' => BarReason::TenderPlaceClipOnly], ['clip:1.5', 'clip:3.2']];
        yield 'nor is the groin' => ['groin', Dogs::case(['groin' => Dogs::tightMat(0.1, 3.2)]), ['demat' => BarReason::TenderPlaceClipOnly, 'thin' => BarReason::TenderPlaceClipOnly]];
        yield 'a harness mat of a double coat comes off all the same' => ['armpit_l', Dogs::case(['armpit_l' => Dogs::mat(0.1, 40)], dog: $double), ['demat' => BarReason::TenderPlaceClipOnly, 'clip:6.3' => BarReason::FineTeethOnly], ['clip:1.5', 'clip:3.2']];
        yield 'no long blade in a flank fold' => ['tuckup_l', Dogs::case(['tuckup_l' => $mat]), ['clip:6.3' => BarReason::FineTeethOnly, 'clip:9.5' => BarReason::FineTeethOnly], ['demat', 'thin', 'clip:1.5', 'clip:3.2']];
        yield 'no section pulls for more than 10 minutes' => ['breeches_l', Dogs::case(['breeches_l' => Dogs::tightMat(0.6, 4)]), ['demat' => BarReason::SectionCapExceeded]];
        yield 'nor for a third of what the dog bears' => ['breeches_l', Dogs::case(['breeches_l' => Dogs::mat(0.4, 9.5)], dog: Dogs::dog(temperament: Temperament::Mouthy)), ['demat' => BarReason::SectionCapExceeded]];
        yield 'a frail dog has no mat opened' => ['tail', Dogs::case(['tail' => $mat], dog: $frail), ['demat' => BarReason::TooFrailToOpen, 'thin' => BarReason::TooFrailToOpen]];
        yield 'what nothing opens is not opened' => ['back', Dogs::case(['back' => $byNothing]), ['demat' => BarReason::OpensByNothing, 'thin' => BarReason::OpensByNothing], ['clip:1.5', 'clip:3.2']];
        yield 'at a growth no tool and no shear' => ['back', Dogs::case(['back' => $mat], $at(FindingKind::Growth)), ['demat' => BarReason::GrowthFingersOnly, 'thin' => BarReason::GrowthFingersOnly]];
        yield 'fingers open it, and no shear even then' => ['back', Dogs::case(['back' => $byFingers], $at(FindingKind::Growth)), ['thin' => BarReason::GrowthFingersOnly], ['demat', 'clip:1.5', 'clip:3.2', 'clip:6.3', 'clip:9.5']];
        yield 'where it hurts no mat is opened' => ['back', Dogs::case(['back' => $byFingers], $at(FindingKind::Pain)), ['demat' => BarReason::PainNotOpened, 'thin' => BarReason::PainNotOpened]];
        yield 'over scabs a mat is not pulled' => ['back', Dogs::case(['back' => $mat], $at(FindingKind::Scab)), ['demat' => BarReason::ScabNotOpened]];
        yield 'nor on moist skin' => ['back', Dogs::case(['back' => $mat], $at(FindingKind::Moist)), ['thin' => BarReason::MoistNotOpened]];
        yield 'nor over a bruise' => ['back', Dogs::case(['back' => $mat], $at(FindingKind::Bruise)), ['demat' => BarReason::BruiseNotOpened]];
        yield 'a bruised ear under tight mats is a vet’s' => ['ear_l', Dogs::case(['ear_l' => Dogs::tightMat(0.2, 4)], ['ear_l' => [FindingKind::Bruise]]), ['demat' => BarReason::BruisedEarLeave], ['leave']];
        yield 'under a mat that is not tight its hair may be cut' => ['ear_l', Dogs::case(['ear_l' => Dogs::mat(0.2, 4)], ['ear_l' => [FindingKind::Bruise]]), ['demat' => BarReason::BruiseNotOpened], ['clip:1.5', 'clip:3.2']];
        yield 'no shear where no comb goes between' => ['back', Dogs::case(['back' => Dogs::mat(0.1, 3.9)]), ['thin' => BarReason::NoRoomForTheComb], ['demat', 'clip:1.5', 'clip:3.2']];
        yield 'thin skin wants more room for it' => ['belly', Dogs::case(['belly' => Dogs::mat(0.1, 5.9)]), ['thin' => BarReason::NoRoomForTheComb]];
        yield 'a double coat is not clipped short, and guards need it mat-free' => ['back', Dogs::case(['back' => Dogs::mat(0.1, 40)], dog: $double), ['clip:13' => BarReason::DoubleCoatTooShort, 'clip:25' => BarReason::GuardNeedsMatFreeCoat], ['demat', 'thin']];
        yield 'a clear double coat may be clipped to 25 mm' => ['back', Dogs::case(dog: $double), ['clip:22' => BarReason::DoubleCoatTooShort], ['brush', 'clip:25', 'clip:32']];
        yield 'a primitive one is not cut at all where it shows' => ['back', Dogs::case(dog: $primitive), ['clip:25' => BarReason::PrimitiveCoatUncut, 'clip:32' => BarReason::PrimitiveCoatUncut], ['brush']];
        yield 'the client said never, where it shows' => ['back', Dogs::case(['back' => Dogs::mat(0.1, 5)], consent: ClipConsent::Never), ['clip:3.2' => BarReason::ClientSaidNever], ['demat', 'thin']];
        yield 'a silky coat is not thinned' => ['back', Dogs::case(['back' => Dogs::mat(0.1, 5)], dog: Dogs::dog(coat: CoatType::Silky)), ['thin' => BarReason::SilkyIsNotThinned]];
        yield 'a blade longer than the lift does not pass' => ['back', Dogs::case(['back' => Dogs::mat(0.1, 5)]), ['clip:6.3' => BarReason::BladeOverLift, 'clip:16' => BarReason::GuardNeedsMatFreeCoat]];
        yield 'open skin is left alone' => ['back', Dogs::case(['back' => Dogs::mat()], $at(FindingKind::OpenSkin)), ['demat' => BarReason::OpenSkinLeave, 'clip:1.5' => BarReason::OpenSkinLeave], ['leave']];
        yield 'swelling is left alone even where no comb went' => ['back', Dogs::case(['back' => null], $at(FindingKind::Swelling)), ['brush' => BarReason::SwellingLeave], ['leave']];
        yield 'what hurts and may not be clipped is left to a vet' => ['back', Dogs::case(['back' => $mat], $at(FindingKind::Pain), consent: ClipConsent::Never), ['clip:1.5' => BarReason::ClientSaidNever], ['leave']];
        yield 'what nothing opens on a double coat is cut after all' => ['back', Dogs::case(['back' => new CombCheck(Comb::Stops, SkinLine::Clear, opens: Opens::Fingers, mattedShare: 0.3)], dog: Dogs::dog(weightKg: 60, coat: CoatType::Double, coatMm: 60, ageMonths: 130, temperament: Temperament::Mouthy)), ['demat' => BarReason::SectionCapExceeded], ['clip:1.5', 'clip:3.2', 'clip:6.3', 'clip:9.5']];
    }

    #[DataProvider('stillOffered')]
    public function test_a_bar_does_not_reach_further_than_its_rule(string $section, CoatCase $case, string $treatment): void
    {
        self::assertContains($treatment, $this->offered($this->options($case, $section)));
    }

    /** @return iterable<string, array{string, CoatCase, string}> */
    public static function stillOffered(): iterable
    {
        yield 'a tangle in the armpit may be opened' => ['armpit_l', Dogs::case(['armpit_l' => Dogs::tangle(0.1)]), 'demat'];
        yield 'a tangle that fingers open may be opened where it hurts' => ['back', Dogs::case(['back' => Dogs::tangle(0.1)], ['back' => [FindingKind::Pain]]), 'demat'];
        yield 'a tangle over a scab may be opened' => ['back', Dogs::case(['back' => Dogs::tangle(0.1)], ['back' => [FindingKind::Scab]]), 'demat'];
        yield 'with fleas mats are opened' => ['back', Dogs::case(['back' => Dogs::mat(0.1, 9.5)], ['back' => [FindingKind::Fleas]]), 'demat'];
        yield 'just room enough for the comb' => ['back', Dogs::case(['back' => Dogs::mat(0.1, 4.0)]), 'thin'];
        yield 'a tight mat on a double coat may be clipped' => ['back', Dogs::case(['back' => Dogs::tightMat(0.1, 3.2)], dog: Dogs::dog(coat: CoatType::Double, coatMm: 60)), 'clip:3.2'];
        yield 'never clip, but a pelt must come off' => ['back', Dogs::case(['back' => Dogs::pelted()], consent: ClipConsent::Never), 'clip:1.5'];
        yield 'never clip, but hidden places may be' => ['tuckup_l', Dogs::case(['tuckup_l' => Dogs::mat(0.1, 5)], consent: ClipConsent::Never), 'clip:3.2'];
        yield 'a lift of exactly the blade lets it pass' => ['back', Dogs::case(['back' => Dogs::mat(0.1, 9.5)]), 'clip:9.5'];
    }

    public function test_the_house_may_forbid_thinning_and_allow_opening_tender_places(): void
    {
        $rules = new HouseRules(plan: new PlanRules(tenderPlacesClipOnly: false, thinningAllowed: false));
        $options = CoatReport::of(Dogs::case(['armpit_l' => Dogs::mat(0.1, 5)]), $rules)->options->at(Section::ArmpitLeft);

        self::assertSame(['demat', 'clip:1.5', 'clip:3.2'], $this->offered($options));
        self::assertSame(BarReason::ThinningOffInHouse, $options->notOffered[0]->reason);
    }

    public function test_the_shortest_blade_can_cut_skin_and_is_never_planned(): void
    {
        $case = Dogs::case(['back' => Dogs::pelted()]);
        $withFinest = new CoatCase($case->dog, new Kit([0.5, 1.5], []), 120, ClipConsent::Any, $case->sections);

        self::assertSame(['clip:1.5'], $this->offered($this->options($withFinest, 'back')));
    }

    public function test_of_a_blade_and_a_guard_of_one_length_the_blade_is_offered(): void
    {
        $case = Dogs::case(['back' => Dogs::tangle(0.1, 13.0)]);
        $both = new CoatCase($case->dog, new Kit([13.0], [13.0]), 120, ClipConsent::Any, $case->sections);

        self::assertSame(['demat', 'clip:13'], $this->offered($this->options($both, 'back')));
    }

    public function test_a_section_left_without_a_way_is_named(): void
    {
        // What nothing opens, and the client wants no clip where it shows.
        $check = new CombCheck(Comb::CannotEnter, SkinLine::Patchy, opens: Opens::No, mattedShare: 0.1, liftMm: 5);
        $report = CoatReport::of(Dogs::case(['back' => $check], consent: ClipConsent::Never), HouseRules::shop());

        self::assertSame(['back'], array_column($report->stuck(), 'value'));
    }

    public function test_a_spot_touches_no_treatment(): void
    {
        $case = Dogs::case(['back' => Dogs::mat(0.1, 9.5)]);
        $reading = new SectionReading($case->sections['back']->check, spots: FindingKind::cases());
        $with = new CoatCase($case->dog, $case->kit, 120, $case->consent, [...$case->sections, 'back' => $reading]);

        self::assertEquals($this->options($case, 'back'), $this->options($with, 'back'));
    }

    public function test_red_skin_makes_the_same_opening_pull_more_and_clipping_no_more(): void
    {
        $tension = fn(array $findings): array => $this->by(
            $this->options(Dogs::case(['back' => Dogs::tightMat(0.2, 6.3)], $findings), 'back'),
            fn(Option $option): float => $option->tensionMinutes,
        );
        [$calm, $red] = [$tension([]), $tension(['back' => [FindingKind::Redness]])];

        self::assertEqualsWithDelta([1.5, 1.5, 1.0], [$red['demat'] / $calm['demat'], $red['thin'] / $calm['thin'], $red['clip:3.2'] / $calm['clip:3.2']], 1e-9);
    }

    public function test_a_house_may_clip_armpits_from_the_first_tangle_on(): void
    {
        $rules = new HouseRules(plan: new PlanRules(tenderClipOnlyFrom: 2));
        $options = CoatReport::of(Dogs::case(['armpit_l' => Dogs::tangle(0.1, 13)]), $rules)->options->get(Section::ArmpitLeft);

        self::assertSame(['clip:1.5', 'clip:3.2'], $this->offered($options));
    }

    public function test_sections_without_a_grade_are_named_and_offer_nothing(): void
    {
        $report = CoatReport::of(Dogs::case(['tail' => null, 'belly' => null], ['belly' => [FindingKind::OpenSkin]]), HouseRules::shop());

        self::assertSame(['belly', 'tail'], array_column($report->missing(), 'value'));
        self::assertSame(['tail'], array_column($report->toCheck(), 'value'));
        self::assertFalse($report->options->has(Section::Tail));
    }

    private function options(CoatCase $case, string $section): SectionOptions
    {
        return CoatReport::of($case, HouseRules::shop())->options->at(Section::from($section));
    }

    /** @return list<string> */
    private function offered(SectionOptions $options): array
    {
        return array_map(fn(Option $option): string => $option->treatment->code(), $options->offered);
    }

    /** @return array<string, float> */
    private function by(SectionOptions $options, callable $figure): array
    {
        return array_combine($this->offered($options), array_map($figure, $options->offered));
    }
}
