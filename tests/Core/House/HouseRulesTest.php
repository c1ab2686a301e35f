<?php

declare(strict_types=1);

namespace Tests\Core\House;

use HoundCheck\Core\Coat\BodyPart;
use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Coat\RouteSchool;
use HoundCheck\Core\House\CombDirection;
use HoundCheck\Core\House\CombSchool;
use HoundCheck\Core\House\Cutter;
use HoundCheck\Core\House\DryingSchool;
use HoundCheck\Core\House\EffortRates;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\House\Kit;
use HoundCheck\Core\House\MatSchool;
use HoundCheck\Core\House\Schools;
use HoundCheck\Core\House\Treats;
use HoundCheck\Core\House\WetBrushing;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class HouseRulesTest extends TestCase
{
    public function test_house_rules_survive_being_written_down(): void
    {
        $written = json_decode((string) json_encode(HouseRules::shop()->toArray()), true);

        self::assertEquals(HouseRules::shop(), HouseRules::fromArray($written));
        self::assertEquals(HouseRules::shop(), HouseRules::fromArray([]));
    }

    public function test_a_salons_own_rules_survive_being_written_down_too(): void
    {
        $own = new HouseRules(
            new EffortRates(layerMm: 12.5, paceByCoat: ['silky' => 1.2] + (new EffortRates)->paceByCoat),
            kit: new Kit([3.2], [19.0]),
            schools: new Schools(
                RouteSchool::FrictionFirst,
                RouteSchool::FrontToRear->route(),
                MatSchool::ClipEarly,
                CombDirection::AlsoAgainst,
                WetBrushing::LightlyWithConditioner,
                DryingSchool::AirDryAllowed,
                Treats::AtTheEnd,
                true,
                combOpens: CombSchool::EndToothOpensTangles,
            ),
        );

        self::assertEquals($own, HouseRules::fromArray(json_decode((string) json_encode($own->toArray()), true)));
    }

    public function test_a_salon_starts_with_the_careful_schools(): void
    {
        $schools = HouseRules::shop()->schools;

        self::assertSame(
            [
                RouteSchool::FeetUp,
                MatSchool::FingersFirst,
                CombDirection::WithTheLay,
                WetBrushing::NotBeforeMatFree,
                DryingSchool::DryerAlways,
                false,
            ],
            [$schools->route, $schools->mats, $schools->direction, $schools->wetBrushing, $schools->drying, $schools->bladedDeshedders],
        );
    }

    #[DataProvider('drying')]
    public function test_only_smooth_and_wire_may_air_dry_and_only_where_the_house_allows_it(DryingSchool $school, CoatType $coat, bool $may): void
    {
        self::assertSame($may, $school->mayAirDry($coat));
    }

    /** @return iterable<string, array{DryingSchool, CoatType, bool}> */
    public static function drying(): iterable
    {
        foreach (CoatType::cases() as $coat) {
            yield "{$coat->value}, dryer always" => [DryingSchool::DryerAlways, $coat, false];
            yield "{$coat->value}, air-dry allowed" => [DryingSchool::AirDryAllowed, $coat, in_array($coat, [CoatType::Smooth, CoatType::Wire], true)];
        }
    }

    public function test_breeches_are_combed_both_ways_whatever_the_school(): void
    {
        foreach ([CombDirection::WithTheLay, CombDirection::AlsoAgainst] as $school) {
            self::assertSame(CombDirection::PartedBothWays, $school->at(BodyPart::Breeches));
            self::assertSame($school, $school->at(BodyPart::Back));
        }
    }

    public function test_the_cutters_stand_shortest_first_and_a_blade_goes_before_a_guard_of_its_length(): void
    {
        $cutters = array_map(fn(Cutter $cutter): array => [$cutter->mm, $cutter->isGuard], (new Kit([13.0, 3.2], [19.0, 13.0]))->cutters());

        self::assertSame([[3.2, false], [13.0, false], [19.0, true]], $cutters);
    }
}
