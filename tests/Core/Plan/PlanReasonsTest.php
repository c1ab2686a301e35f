<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use HoundCheck\Core\Coat\EvenGroup;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Comb;
use HoundCheck\Core\CombCheck\CombCheck;
use HoundCheck\Core\CombCheck\FindingKind;
use HoundCheck\Core\CombCheck\SkinLine;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\Plan\BarReason;
use HoundCheck\Core\Plan\Choices;
use HoundCheck\Core\Plan\ClipConsent;
use HoundCheck\Core\Plan\CoatCase;
use HoundCheck\Core\Plan\CoatReport;
use HoundCheck\Core\Plan\PlanReasons;
use HoundCheck\Core\Plan\SectionReading;
use HoundCheck\Core\Plan\SectionReason;
use HoundCheck\Core\Plan\WhatWouldChange;
use HoundCheck\Core\Plan\WhyTreated;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Dogs;

final class PlanReasonsTest extends TestCase
{
    public function test_hair_that_combs_out_is_brushed_because_it_combs_out(): void
    {
        self::assertSame(WhyTreated::CombsOut, $this->reason(Section::Back, Dogs::clear(), 'brush')->why);
    }

    public function test_a_mat_that_is_opened_tells_the_pulling_and_one_that_is_thinned_what_it_spares(): void
    {
        $opened = $this->reason(Section::Tail, Dogs::mat(0.3, 10), 'demat');
        $thinned = $this->reason(Section::Tail, Dogs::mat(0.3, 10), 'thin');

        self::assertSame([WhyTreated::OpenedByHand, WhyTreated::ThinnedToSpare], [$opened->why, $thinned->why]);
        self::assertEqualsWithDelta($opened->openingTension, $thinned->openingTension + $thinned->sparedTension, 1e-12);
        self::assertSame([WhatWouldChange::MorePullingToBear], $thinned->changes);
    }

    #[DataProvider('lengths')]
    public function test_the_length_of_a_cut_is_told_by_the_rule_that_barred_the_next_longer_blade(
        ?BarReason $bar,
        bool $isAssumed,
        Section $section,
        CombCheck $check,
        string $choice,
    ): void {
        $length = $this->reason($section, $check, $choice)->length;

        self::assertSame([$bar, $isAssumed], [$length?->reason, $length?->isAssumed === true]);
    }

    /** @return iterable<string, array{0: BarReason|null, 1: bool, 2: Section, 3: CombCheck, 4: string}> */
    public static function lengths(): iterable
    {
        yield 'loose skin, whatever the lift' => [BarReason::FineTeethOnly, false, Section::Belly, Dogs::mat(0.3, 13), 'clip:3.2'];
        yield 'a lift that was measured' => [BarReason::BladeOverLift, false, Section::SideLeft, Dogs::mat(0.3, 9.5), 'clip:9.5'];
        yield 'a lift that nobody measured' => [BarReason::BladeOverLift, true, Section::SideLeft, Dogs::mat(0.3), 'clip:9.5'];
        yield 'only guard combs are longer' => [BarReason::GuardNeedsMatFreeCoat, false, Section::SideLeft, Dogs::mat(0.3, 20), 'clip:13'];
        yield 'a longer blade passes, and was not chosen' => [null, false, Section::SideLeft, Dogs::mat(0.3, 9.5), 'clip:6.3'];
        yield 'nothing is matted' => [null, false, Section::SideLeft, new CombCheck(Comb::Glides, SkinLine::Clear), 'clip:13'];
    }

    public function test_a_mat_in_an_armpit_is_clipped_by_house_rule_to_the_blade_that_passes_under_it(): void
    {
        $reason = $this->reason(Section::ArmpitLeft, Dogs::mat(0.3, 4), 'clip:3.2');

        self::assertSame(
            [WhyTreated::OpeningRuledOut, BarReason::TenderPlaceClipOnly, BarReason::FineTeethOnly],
            [$reason->why, $reason->bar, $reason->length?->reason],
        );
        self::assertSame([WhatWouldChange::HouseRule], $reason->changes);
    }

    public function test_what_would_pull_too_long_in_one_place_says_how_long_and_what_the_house_asks_at_most(): void
    {
        $reason = $this->reason(Section::BreechesLeft, Dogs::tightMat(0.9, 4), 'clip:3.2');

        self::assertSame([WhyTreated::OpeningRuledOut, BarReason::SectionCapExceeded], [$reason->why, $reason->bar]);
        self::assertEqualsWithDelta(10.0, $reason->barLimit, 1e-9);
        self::assertGreaterThan($reason->barLimit, $reason->barFound);
    }

    public function test_a_mat_that_could_be_opened_and_is_clipped_tells_the_pulling_that_is_spared(): void
    {
        $reason = $this->reason(Section::Tail, Dogs::mat(0.3, 4), 'clip:3.2');

        self::assertSame(WhyTreated::ClippedToSpare, $reason->why);
        self::assertGreaterThan(0, $reason->sparedTension);
        self::assertContains(WhatWouldChange::MorePullingToBear, $reason->changes);
    }

    public function test_clear_hair_clipped_short_is_clipped_to_match(): void
    {
        self::assertSame(
            [WhyTreated::ClippedToMatch, EvenGroup::Body],
            [($reason = $this->reason(Section::Back, Dogs::clear(), 'clip:9.5'))->why, $reason->matches],
        );
    }

    public function test_open_skin_is_left_alone_until_a_vet_has_seen_it(): void
    {
        $reason = $this->reason(Section::Back, Dogs::clear(), 'leave', [FindingKind::OpenSkin]);

        self::assertSame(
            [WhyTreated::LeftAlone, BarReason::OpenSkinLeave, [WhatWouldChange::Vet]],
            [$reason->why, $reason->bar, $reason->changes],
        );
    }

    public function test_a_section_without_a_choice_has_no_reason(): void
    {
        $report = $this->report(Section::Tail, Dogs::clear(), []);

        self::assertSame([], PlanReasons::of($report, Choices::of([])));
    }

    public function test_nothing_is_clipped_where_the_shortest_blade_stopped(): void
    {
        $rules = HouseRules::shop();
        $reading = new SectionReading(Dogs::tightMat(0.6, 2), [], null, bladeStops: true);
        $report = CoatReport::of(new CoatCase(Dogs::dog(), $rules->kit, 90, ClipConsent::Any, ['groin' => $reading]), $rules);

        self::assertSame([Section::Groin], $report->stuck());
        self::assertContains(BarReason::BladeStops, array_column($report->options->at(Section::from('groin'))->notOffered, 'reason'));
    }

    /** @param list<FindingKind> $findings */
    private function reason(Section $section, CombCheck $check, string $treatment, array $findings = []): SectionReason
    {
        return PlanReasons::of(
            $this->report($section, $check, $findings),
            Choices::fromCodes([$section->value => $treatment]),
        )[$section->value];
    }

    /** @param list<FindingKind> $findings */
    private function report(Section $section, CombCheck $check, array $findings): CoatReport
    {
        $rules = HouseRules::shop();

        return CoatReport::of(
            new CoatCase(Dogs::dog(), $rules->kit, 90, ClipConsent::Any, [$section->value => new SectionReading($check, $findings)]),
            $rules,
        );
    }
}
