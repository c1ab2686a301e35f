<?php

declare(strict_types=1);

namespace Tests\Core\Visit;

use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Dog\Gear;
use HoundCheck\Core\Dog\HealthFact;
use HoundCheck\Core\Dog\HomeBrushing;
use HoundCheck\Core\House\MattingRules;
use HoundCheck\Core\Visit\ArrivalAnswers;
use HoundCheck\Core\Visit\ArrivalConcern;
use HoundCheck\Core\Visit\ArrivalWarning;
use HoundCheck\Core\Visit\ArrivalWarnings;
use PHPUnit\Framework\TestCase;
use Tests\Core\Dogs;

final class ArrivalWarningsTest extends TestCase
{
    public function test_nothing_is_warned_of_before_anything_was_answered_nor_for_a_dog_fresh_from_the_comb(): void
    {
        self::assertSame([], $this->concerns(new ArrivalAnswers));
        self::assertSame([], $this->concerns(new ArrivalAnswers(daysSinceCombOut: 5, washedOverKnots: false, gear: [], firstGroom: false)));
    }

    public function test_the_most_urgent_comes_first(): void
    {
        $answers = new ArrivalAnswers(daysSinceCombOut: 120, washedOverKnots: true, gear: [Gear::Collar], firstGroom: true);
        $puppy = Dogs::dog(ageMonths: 9, health: [HealthFact::HeartOrAirway]);

        self::assertSame([
            ArrivalConcern::GearStillOn, ArrivalConcern::HeartOrAirway, ArrivalConcern::WashedOverKnots, ArrivalConcern::LongSinceCombOut,
            ArrivalConcern::FirstGroom, ArrivalConcern::CoatChange, ArrivalConcern::Gear,
        ], array_column(ArrivalWarnings::of($puppy, $answers, new MattingRules), 'concern'));
    }

    public function test_a_long_time_since_the_comb_out_says_how_much_to_expect_by_coat_and_home_brushing(): void
    {
        $curly = $this->only(new ArrivalAnswers(daysSinceCombOut: 47, homeBrushing: HomeBrushing::TopOnly), CoatType::Curly);
        $smooth = ArrivalWarnings::of(Dogs::dog(coat: CoatType::Smooth), new ArrivalAnswers(daysSinceCombOut: 47), new MattingRules);
        $brushed = $this->only(new ArrivalAnswers(daysSinceCombOut: 47, homeBrushing: HomeBrushing::WeeklyToTheSkin), CoatType::Curly);

        self::assertSame(47, $curly->days);
        self::assertGreaterThan($curly->expectedMats, $curly->expectedStops);
        self::assertGreaterThan($brushed->expectedMats, $curly->expectedMats);
        self::assertSame([], $smooth);
    }

    public function test_washed_over_knots_makes_mats_of_what_would_have_been_tangles(): void
    {
        $dry = $this->only(new ArrivalAnswers(daysSinceCombOut: 47), CoatType::Curly);
        $washed = ArrivalWarnings::of(
            Dogs::dog(coat: CoatType::Curly),
            new ArrivalAnswers(daysSinceCombOut: 47, washedOverKnots: true),
            new MattingRules,
        );

        self::assertEqualsWithDelta($dry->expectedStops, $washed[1]->expectedMats, 1e-12);
    }

    public function test_gear_names_the_places_under_it_and_asks_to_be_taken_off_until_it_is(): void
    {
        $on = ArrivalWarnings::of(Dogs::dog(), new ArrivalAnswers(gear: [Gear::Harness]), new MattingRules);
        $off = $this->only(new ArrivalAnswers(gear: [Gear::Harness], gearOff: true), CoatType::Mixed);

        self::assertSame(ArrivalConcern::GearStillOn, $on[0]->concern);
        self::assertSame([ArrivalConcern::Gear, Gear::Harness], [$off->concern, $off->gear]);
        self::assertSame(
            [Section::Chest, Section::ShoulderLeft, Section::ShoulderRight, Section::ArmpitLeft, Section::ArmpitRight],
            $off->sections,
        );
    }

    /** @return list<ArrivalConcern> */
    private function concerns(ArrivalAnswers $answers): array
    {
        return array_column(ArrivalWarnings::of(Dogs::dog(), $answers, new MattingRules), 'concern');
    }

    private function only(ArrivalAnswers $answers, CoatType $coat): ArrivalWarning
    {
        $warnings = ArrivalWarnings::of(Dogs::dog(coat: $coat), $answers, new MattingRules);
        self::assertCount(1, $warnings);

        return $warnings[0];
    }
}
