<?php

declare(strict_types=1);

namespace Tests\Core\Arrival;

use HoundCheck\Core\Arrival\ArrivalConcern;
use HoundCheck\Core\Arrival\ArrivalWarning;
use HoundCheck\Core\Arrival\ArrivalWarnings;
use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Dog\CoatState;
use HoundCheck\Core\Dog\Dog;
use HoundCheck\Core\Dog\Gear;
use HoundCheck\Core\Dog\HealthFact;
use HoundCheck\Core\Dog\HomeBrushing;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\Marks\MarkKind;
use HoundCheck\Core\Marks\Words\ArrivalAnswers;
use HoundCheck\Core\Memory\DogMemory;
use HoundCheck\Core\Memory\Expected;
use HoundCheck\Core\Plan\Treatment;
use PHPUnit\Framework\TestCase;
use Tests\Core\Dogs;
use Tests\Core\Scene;

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
        ], array_column(self::warnings($puppy, $answers), 'concern'));
    }

    public function test_a_long_time_since_the_comb_out_says_how_much_to_expect_by_coat_and_home_brushing(): void
    {
        $curly = $this->only(new ArrivalAnswers(daysSinceCombOut: 47, homeBrushing: HomeBrushing::TopOnly), CoatType::Curly);
        $smooth = self::warnings(Dogs::dog(coat: CoatType::Smooth), new ArrivalAnswers(daysSinceCombOut: 47));
        $brushed = $this->only(new ArrivalAnswers(daysSinceCombOut: 47, homeBrushing: HomeBrushing::WeeklyToTheSkin), CoatType::Curly);

        self::assertSame(47, $curly->days);
        self::assertGreaterThan($curly->expectedMats, $curly->expectedStops);
        self::assertGreaterThan($brushed->expectedMats, $curly->expectedMats);
        self::assertSame([], $smooth);
    }

    public function test_washed_over_knots_makes_mats_of_what_would_have_been_tangles(): void
    {
        $dry = $this->only(new ArrivalAnswers(daysSinceCombOut: 47), CoatType::Curly);
        $washed = self::warnings(Dogs::dog(coat: CoatType::Curly), new ArrivalAnswers(daysSinceCombOut: 47, washedOverKnots: true));

        self::assertEqualsWithDelta($dry->expectedStops, $washed[1]->expectedMats, 1e-12);
    }

    public function test_gear_names_the_places_under_it_and_asks_to_be_taken_off_until_it_is(): void
    {
        $on = self::warnings(Dogs::dog(), new ArrivalAnswers(gear: [Gear::Harness]));
        $off = $this->only(new ArrivalAnswers(gear: [Gear::Harness], gearOff: true), CoatType::Mixed);

        self::assertSame(ArrivalConcern::GearStillOn, $on[0]->concern);
        self::assertSame([ArrivalConcern::Gear, Gear::Harness], [$off->concern, $off->gear]);
        self::assertSame(
            [Section::Chest, Section::ShoulderLeft, Section::ShoulderRight, Section::ArmpitLeft, Section::ArmpitRight],
            $off->sections,
        );
    }

    public function test_each_health_fact_that_asks_for_a_handling_of_its_own_is_said(): void
    {
        $quiet = [HealthFact::JointPain, HealthFact::SkinAllergy, HealthFact::RecentSurgery];
        foreach (HealthFact::cases() as $fact) {
            $said = self::warnings(Dogs::dog(health: [$fact]), new ArrivalAnswers);
            $expected = in_array($fact, $quiet, true) ? [] : [$fact->value];
            self::assertSame($expected, array_map(fn(ArrivalWarning $one): string => $one->concern->value, $said));
        }
    }

    public function test_a_dirty_coat_is_said_before_a_brush_touches_it(): void
    {
        self::assertSame([ArrivalConcern::CakedCoat], $this->concerns(new ArrivalAnswers(coatState: CoatState::Caked)));
        self::assertSame([ArrivalConcern::GrubbyCoat], $this->concerns(new ArrivalAnswers(coatState: CoatState::Grubby)));
        self::assertSame([], $this->concerns(new ArrivalAnswers(coatState: CoatState::Clean)));
    }

    public function test_her_last_heat_tells_a_sore_groin_and_a_moult_to_come(): void
    {
        $said = fn(int $weeks, ?bool $moult = null): array => $this->concerns(new ArrivalAnswers(weeksSinceHeat: $weeks, moult: $moult));
        self::assertSame(
            [[ArrivalConcern::InSeason], [ArrivalConcern::InSeason], [], [], [ArrivalConcern::MoultAfterHeat], [ArrivalConcern::MoultAfterHeat], []],
            array_map($said, [0, 3, 4, 5, 6, 16, 17]),
        );
        self::assertSame([], $said(8, false), 'it was looked at');
        $curly = self::warnings(Dogs::dog(coat: CoatType::Curly), new ArrivalAnswers(weeksSinceHeat: 8));
        self::assertSame([], $curly, 'no undercoat to drop');
    }

    public function test_in_season_pulling_at_the_groin_counts_half_as_much_again_and_only_there(): void
    {
        $pulls = function (string $section, array $answers): float {
            $scene = Scene::inspected([$section => Scene::comb(2, 0.2)])->do(MarkKind::ArrivalAnswered, $answers);

            return $scene->report()->fromHere->options->at(Section::from($section))->find(Treatment::demat())->tensionMinutes;
        };
        self::assertEqualsWithDelta(1.5 * $pulls('groin', []), $pulls('groin', ['weeksSinceHeat' => 2]), 1e-9);
        self::assertEqualsWithDelta($pulls('belly', []), $pulls('belly', ['weeksSinceHeat' => 2]), 1e-9);
        self::assertEqualsWithDelta($pulls('groin', []), $pulls('groin', ['weeksSinceHeat' => 4]), 1e-9);
    }

    /** @return list<ArrivalConcern> */
    private function concerns(ArrivalAnswers $answers): array
    {
        return array_column(self::warnings(Dogs::dog(), $answers), 'concern');
    }

    private function only(ArrivalAnswers $answers, CoatType $coat): ArrivalWarning
    {
        $warnings = self::warnings(Dogs::dog(coat: $coat), $answers);
        self::assertCount(1, $warnings);

        return $warnings[0];
    }

    /** @return list<ArrivalWarning> */
    private static function warnings(Dog $dog, ArrivalAnswers $answers): array
    {
        $expected = Expected::of(
            $dog,
            $answers->lifeAtHome($dog),
            DogMemory::of($dog->coat, [], HouseRules::shop()->memory),
            $answers->daysSinceCombOut,
            $answers->washedOverKnots === true,
            new \DateTimeImmutable('2026-06-09 09:00'),
            HouseRules::shop(),
        );

        return ArrivalWarnings::of($dog, $answers, $expected);
    }
}
