<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\FindingKind;
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

    public function test_a_guard_comb_costs_the_brushing_too_because_it_needs_a_mat_free_coat(): void
    {
        $options = $this->options(Dogs::case(), 'back');
        $minutes = $this->by($options, fn(Option $option): float => $option->minutes);

        self::assertEqualsWithDelta($minutes['clip:13'] + $minutes['brush'], $minutes['clip:16'], 1e-9);
        self::assertEqualsWithDelta(13 / 40, $this->by($options, fn(Option $option): float => $option->keepShare)['clip:13'], 1e-9);
    }

    public function test_a_mat_is_opened_thinned_or_clipped_under_its_lift(): void
    {
        $options = $this->options(Dogs::case(['back' => Dogs::mat(0.2, 6.3)]), 'back');

        self::assertSame(['demat', 'thin', 'clip:1.5', 'clip:3.2', 'clip:6.3'], $this->offered($options));
        $keep = $this->by($options, fn(Option $option): float => $option->keepShare);
        self::assertEqualsWithDelta(1 - 0.2 * 0.06, $keep['demat'], 1e-9);
        self::assertEqualsWithDelta(1 - 0.2 * 0.18, $keep['thin'], 1e-9);
        $tension = $this->by($options, fn(Option $option): float => $option->tensionMinutes);
        self::assertEqualsWithDelta(0.55 * $tension['demat'], $tension['thin'], 1e-9);
        self::assertSame(0.0, $tension['clip:1.5']);
    }

    public function test_a_mat_on_the_skin_itself_has_no_lift_whatever_is_usual_for_its_grade(): void
    {
        $options = $this->options(Dogs::case(['back' => Dogs::mat(0.2, 0.0)]), 'back');

        self::assertSame([], array_filter($this->offered($options), fn(string $code): bool => str_starts_with($code, 'clip')));
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

        self::assertEquals($given, $this->options(Dogs::case(['back' => Dogs::mat()]), 'back'));
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
        yield 'a pelt is clipped, nothing else' => ['back', Dogs::case(['back' => Dogs::pelted()]), ['demat' => BarReason::PeltedClipOnly, 'thin' => BarReason::PeltedClipOnly], ['clip:1.5']];
        yield 'over a hot spot mats are only clipped' => ['back', Dogs::case(['back' => Dogs::tangle()], ['back' => [FindingKind::HotSpot]]), ['demat' => BarReason::HotSpotClipOnly]];
        yield 'with parasites mats are only clipped' => ['side_l', Dogs::case(['side_l' => Dogs::mat(0.1, 5)], ['side_l' => [FindingKind::Parasites]]), ['demat' => BarReason::ParasitesClipOnly, 'thin' => BarReason::ParasitesClipOnly], ['clip:1.5', 'clip:3.2']];
        yield 'armpits are not worth pulling' => ['armpit_r', Dogs::case(['armpit_r' => Dogs::mat(0.1, 5)]), ['demat' => BarReason::TenderPlaceClipOnly], ['clip:1.5', 'clip:3.2']];
        yield 'nor is the groin' => ['groin', Dogs::case(['groin' => Dogs::tightMat(0.1, 3.2)]), ['demat' => BarReason::TenderPlaceClipOnly, 'thin' => BarReason::TenderPlaceClipOnly]];
        yield 'no section pulls for more than 10 minutes' => ['breeches_l', Dogs::case(['breeches_l' => Dogs::tightMat(0.6, 4)]), ['demat' => BarReason::SectionCapExceeded]];
        yield 'a double coat is not clipped short, and guards need it mat-free' => ['back', Dogs::case(['back' => Dogs::mat(0.1, 40)], dog: Dogs::dog(coat: CoatType::Double, coatMm: 60)), ['clip:13' => BarReason::DoubleCoatTooShort, 'clip:25' => BarReason::GuardNeedsMatFreeCoat], ['demat', 'thin']];
        yield 'a clear double coat may be clipped to 25 mm' => ['back', Dogs::case(dog: Dogs::dog(coat: CoatType::Double, coatMm: 60)), ['clip:22' => BarReason::DoubleCoatTooShort], ['brush', 'clip:25', 'clip:32']];
        yield 'the client said never, where it shows' => ['back', Dogs::case(['back' => Dogs::mat(0.1, 5)], consent: ClipConsent::Never), ['clip:3.2' => BarReason::ClientSaidNever], ['demat', 'thin']];
        yield 'a silky coat is not thinned' => ['back', Dogs::case(['back' => Dogs::mat(0.1, 5)], dog: Dogs::dog(coat: CoatType::Silky)), ['thin' => BarReason::SilkyIsNotThinned]];
        yield 'a blade longer than the lift does not pass' => ['back', Dogs::case(['back' => Dogs::mat(0.1, 5)]), ['clip:6.3' => BarReason::BladeOverLift, 'clip:16' => BarReason::GuardNeedsMatFreeCoat]];
        yield 'open skin is left alone' => ['back', Dogs::case(['back' => Dogs::mat()], ['back' => [FindingKind::OpenSkin]]), ['demat' => BarReason::OpenSkinLeave, 'clip:1.5' => BarReason::OpenSkinLeave], ['leave']];
        yield 'swelling is left alone even where no comb went' => ['back', Dogs::case(['back' => null], ['back' => [FindingKind::Swelling]]), ['brush' => BarReason::SwellingLeave], ['leave']];
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
        yield 'a hot spot on clear coat may be brushed round' => ['back', Dogs::case([], ['back' => [FindingKind::HotSpot]]), 'brush'];
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
        // Grade 3 in the armpit of a double coat: not pulled, not clipped under 25 mm, and no guard passes a mat.
        $report = CoatReport::of(
            Dogs::case(['armpit_l' => Dogs::mat(0.1, 40)], dog: Dogs::dog(coat: CoatType::Double, coatMm: 60)),
            HouseRules::shop(),
        );

        self::assertSame(['armpit_l'], array_column($report->stuck(), 'value'));
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
