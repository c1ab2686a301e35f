<?php

declare(strict_types=1);

namespace Tests\Core\Coat;

use HoundCheck\Core\Coat\BladeCaution;
use HoundCheck\Core\Coat\BodyPart;
use HoundCheck\Core\Coat\BodySurface;
use HoundCheck\Core\Coat\Brush;
use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Coat\EvenGroup;
use HoundCheck\Core\Coat\Hold;
use HoundCheck\Core\Coat\RouteSchool;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Coat\SectionGeometry;
use HoundCheck\Core\Coat\SmallBrush;
use HoundCheck\Core\Coat\ToolReason;
use HoundCheck\Core\Coat\Tools;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class CoatTest extends TestCase
{
    /** The published table, written out again: id, share %, aspect, seen, tender, even with. */
    private const TABLE = <<<'TABLE'
        muzzle 1.2 1.5 1.0 1.5 -
        crown 1.6 1.2 1.0 1.1 -
        ear_l,ear_r 0.8 0.7 1.0 1.6 ears
        behind_ear_l,behind_ear_r 0.4 1.0 0.4 1.5 -
        neck 3.8 1.6 0.9 1.1 body
        chest 5.0 0.9 0.8 1.1 body
        shoulder_l,shoulder_r 3.8 0.9 1.0 1.0 body
        armpit_l,armpit_r 0.8 1.0 0.05 2.0 -
        foreleg_l,foreleg_r 3.4 0.7 1.0 1.3 legs
        forefoot_l,forefoot_r 1.0 1.2 0.8 1.6 feet
        back 7.0 3.0 1.0 0.8 body
        side_l,side_r 9.0 1.3 1.0 0.9 body
        tuckup_l,tuckup_r 1.6 1.0 0.2 1.8 -
        belly 5.0 1.5 0.15 1.6 -
        groin 1.0 1.0 0.05 2.0 -
        breeches_l,breeches_r 9.6 0.8 1.0 1.0 legs
        hindleg_l,hindleg_r 5.4 0.7 1.0 1.3 legs
        hindfoot_l,hindfoot_r 1.4 1.2 0.8 1.6 feet
        tail 1.0 0.35 1.0 1.3 -
        TABLE;

    public function test_the_sections_are_those_of_the_table(): void
    {
        $seen = [];
        foreach (explode("\n", self::TABLE) as $row) {
            [$ids, $share, $aspect, $visible, $tender, $even] = preg_split('/\s+/', trim($row));
            foreach (explode(',', $ids) as $id) {
                $facts = Section::from($id)->facts();
                self::assertSame(
                    [(float) $share, (float) $aspect, (float) $visible, (float) $tender, $even === '-' ? null : EvenGroup::from($even)],
                    [$facts->sharePercent, $facts->aspect, $facts->seen, $facts->tender, $facts->evenWith],
                    $id,
                );
                $seen[] = $id;
            }
        }
        self::assertSame(array_column(Section::cases(), 'value'), $seen);
    }

    public function test_the_shares_make_up_the_whole_dog(): void
    {
        self::assertEqualsWithDelta(1.0, array_sum(array_map(fn(Section $section): float => $section->share(), Section::cases())), 1e-12);
    }

    public function test_body_surface_follows_the_veterinary_formula(): void
    {
        // 10.1 × 10 000^(2/3) cm²
        self::assertEqualsWithDelta(4688.0, BodySurface::ofWeightKg(10)->squareCm, 0.05);
    }

    public function test_a_section_is_a_rectangle_climbed_in_lines_one_layer_apart(): void
    {
        $side = SectionGeometry::of(Section::SideLeft, BodySurface::ofWeightKg(10), 15);

        self::assertEqualsWithDelta(0.09 * BodySurface::ofWeightKg(10)->squareCm, $side->areaSquareCm, 1e-9);
        self::assertEqualsWithDelta($side->areaSquareCm, $side->lineCm * $side->climbCm, 1e-9);
        self::assertEqualsWithDelta(1.3, $side->lineCm / $side->climbCm, 1e-9);
        self::assertSame(13, $side->lines);
    }

    public function test_the_smallest_section_still_has_a_line(): void
    {
        self::assertSame(1, SectionGeometry::of(Section::BehindEarLeft, BodySurface::ofWeightKg(0.5), 40)->lines);
    }

    #[DataProvider('schools')]
    public function test_each_route_goes_to_every_section_once(RouteSchool $school): void
    {
        $route = array_column($school->route(), 'value');

        self::assertCount(30, $route);
        self::assertEqualsCanonicalizing(array_column(Section::cases(), 'value'), $route);
    }

    /** @return iterable<string, array{RouteSchool}> */
    public static function schools(): iterable
    {
        foreach (RouteSchool::cases() as $school) {
            yield $school->value => [$school];
        }
    }

    public function test_feet_up_begins_at_the_hind_feet_and_ends_with_the_head(): void
    {
        $route = array_column(RouteSchool::FeetUp->route(), 'value');

        self::assertSame(['hindfoot_l', 'hindfoot_r', 'hindleg_l', 'hindleg_r', 'breeches_l'], array_slice($route, 0, 5));
        self::assertSame(['ear_l', 'ear_r', 'crown', 'muzzle'], array_slice($route, -4));
    }

    #[DataProvider('coats')]
    public function test_the_coat_chooses_brush_and_comb(
        CoatType $coat,
        bool $primitive,
        float $mm,
        BodyPart $part,
        Brush $brush,
        bool $fineComb,
        ToolReason $reason,
    ): void {
        $tools = Tools::for($coat, $primitive, $mm, $part, 40.0);

        self::assertSame([$brush, $fineComb, $reason], [$tools->brush, $tools->fineComb, $tools->reason]);
    }

    /** @return iterable<string, array{CoatType, bool, float, BodyPart, Brush, bool, ToolReason}> */
    public static function coats(): iterable
    {
        $back = BodyPart::Back;
        yield 'a slicker breaks a long drop coat' => [CoatType::Silky, false, 76, $back, Brush::Pin, false, ToolReason::SlickerBreaksLongDropCoat];
        yield 'but the fine comb goes through its face' => [CoatType::Silky, false, 76, BodyPart::Muzzle, Brush::Pin, true, ToolReason::SlickerBreaksLongDropCoat];
        yield 'a shorter drop coat' => [CoatType::Silky, false, 75.9, $back, Brush::SoftSlickerOrPin, false, ToolReason::ShorterDropCoat];
        yield 'curly, fine up to 40 mm' => [CoatType::Curly, false, 40, $back, Brush::BentPinSlicker, true, ToolReason::MustReachTheSkin];
        yield 'mixed, not beyond' => [CoatType::Mixed, false, 40.1, $back, Brush::BentPinSlicker, false, ToolReason::MustReachTheSkin];
        yield 'feet always' => [CoatType::Mixed, false, 60, BodyPart::Hindfoot, Brush::BentPinSlicker, true, ToolReason::MustReachTheSkin];
        yield 'double, too long' => [CoatType::Double, false, 60, $back, Brush::SlickerThenRake, false, ToolReason::UndercoatAfterTopcoat];
        yield 'not even on its feet' => [CoatType::Double, false, 60, BodyPart::Forefoot, Brush::SlickerThenRake, false, ToolReason::UndercoatAfterTopcoat];
        yield 'double, short' => [CoatType::Double, false, 30, $back, Brush::SlickerThenRake, true, ToolReason::UndercoatAfterTopcoat];
        yield 'a primitive double coat never gets the fine comb' => [CoatType::Double, true, 20, $back, Brush::PinThenLongPinSlicker, false, ToolReason::PrimitivePickedOutwards];
        yield 'smooth' => [CoatType::Smooth, false, 10, $back, Brush::BristleOrRubber, true, ToolReason::ShortCoat];
        yield 'wire' => [CoatType::Wire, false, 30, $back, Brush::SoftSlicker, true, ToolReason::SoftestThatReaches];
    }

    public function test_what_a_blade_can_cut_is_said_where_there_is_something(): void
    {
        $said = array_map(fn(Section $section): ?BladeCaution => BladeCaution::at($section), [
            Section::Belly, Section::Groin, Section::EarLeft, Section::TuckupRight, Section::HindlegLeft, Section::Tail, Section::Muzzle,
        ]);

        self::assertSame([
            BladeCaution::NipplesAndSheath, BladeCaution::VulvaSheathTesticles, BladeCaution::EarEdgeAndPocket, BladeCaution::FlankFold,
            BladeCaution::HockTendon, BladeCaution::TailTip, BladeCaution::LipFold,
        ], $said);
        self::assertNull(BladeCaution::at(Section::Back));
    }

    #[TestWith([5.9, BodyPart::Back, SmallBrush::Whole])]
    #[TestWith([5.9, BodyPart::Tail, SmallBrush::Corner])]
    #[TestWith([6.0, BodyPart::Tail, null])]
    public function test_a_small_dog_gets_a_small_brush(float $weightKg, BodyPart $part, ?SmallBrush $expected): void
    {
        self::assertSame($expected, SmallBrush::for($weightKg, $part));
    }

    public function test_every_section_says_how_to_hold_it_and_an_old_dog_is_held_with_more_care(): void
    {
        foreach (Section::cases() as $section) {
            self::assertNotEmpty(Hold::for($section, false), $section->value);
            self::assertContains(Hold::OldDogSlow, Hold::for($section, true));
        }
        self::assertSame([Hold::HindlegSupportKnee, Hold::BonyPointsAtAnAngle], Hold::for(Section::HindlegRight, false));
        self::assertNotContains(Hold::BonyPointsAtAnAngle, Hold::for(Section::Back, false));
        self::assertContains(Hold::BonyPointsAtAnAngle, Hold::for(Section::Back, true), 'spine of an old dog');
        self::assertSame(Hold::HeadByTheChinHair, Hold::for(Section::Muzzle, false)[0]);
        self::assertSame(Hold::ChinFree, Hold::for(Section::Muzzle, false, chinFree: true)[0]);
        self::assertSame([Hold::NeverOnTheBack, Hold::BrushCornerOnly], Hold::for(Section::Belly, false, true));
        self::assertSame(Hold::BellyStanding, Hold::for(Section::Belly, false)[0]);
        self::assertSame([Hold::FlankFoldCovered], Hold::for(Section::TuckupLeft, false));
    }
}
