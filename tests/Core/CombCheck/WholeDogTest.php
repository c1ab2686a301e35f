<?php

declare(strict_types=1);

namespace Tests\Core\CombCheck;

use HoundCheck\Core\Coat\BySection;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\FindingKind;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\CombCheck\LookFirst;
use HoundCheck\Core\CombCheck\LookFirstReason;
use HoundCheck\Core\CombCheck\MatLoad;
use HoundCheck\Core\CombCheck\Referral;
use HoundCheck\Core\Dog\Gear;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class WholeDogTest extends TestCase
{
    public function test_mat_load_of_a_wholly_pelted_dog_is_100_and_of_a_clear_one_0(): void
    {
        $all = fn(Grade $grade): BySection => BySection::of(array_fill_keys(array_column(Section::cases(), 'value'), $grade));
        $shares = BySection::of(array_fill_keys(array_column(Section::cases(), 'value'), 1.0));

        self::assertEqualsWithDelta(100.0, MatLoad::of($all(Grade::Pelted), $shares)->index, 1e-9);
        self::assertSame(0.0, MatLoad::of($all(Grade::Clear), $shares)->index);
        self::assertEqualsWithDelta(5.0, MatLoad::of($all(Grade::Drag), $shares)->index, 1e-9);
    }

    public function test_mat_load_weighs_grade_area_and_matted_share_and_counts_what_is_unchecked(): void
    {
        $load = MatLoad::of(BySection::of(['back' => Grade::Mat, 'tail' => Grade::Tangle]), BySection::of(['back' => 0.5, 'tail' => 0.0]));

        // back 7 % × 0.5 × (0.4 + 0.6 × 0.5), tail 1 % × 0.25 × 0.4
        self::assertEqualsWithDelta(7 * 0.5 * 0.7 + 1 * 0.25 * 0.4, $load->index, 1e-9);
        self::assertSame(28, $load->unchecked);
    }

    public function test_gear_marks_where_it_rubs_and_the_last_visit_where_it_matted(): void
    {
        $marks = LookFirst::of([Gear::Collar, Gear::Harness], false, false, ['back' => Grade::Tangle, 'crown' => Grade::Drag]);

        self::assertSame([LookFirstReason::Collar], $marks['neck']);
        self::assertSame([LookFirstReason::Collar, LookFirstReason::Always], $marks['behind_ear_l']);
        self::assertSame([LookFirstReason::Harness, LookFirstReason::Always], $marks['armpit_r']);
        self::assertSame([LookFirstReason::LastVisit], $marks['back']);
        self::assertArrayNotHasKey('crown', $marks);
        self::assertArrayNotHasKey('belly', $marks);
    }

    public function test_coat_change_marks_everything_and_an_entire_male_belly_and_groin(): void
    {
        self::assertSame(
            [LookFirstReason::Felt, LookFirstReason::Always],
            LookFirst::of([], false, false, [], ['tail' => 'mark'])['tail'],
            'what a hand felt comes before what usually mats',
        );
        self::assertCount(30, LookFirst::of([], true, false, []));
        $marks = LookFirst::of([], false, true, []);
        self::assertSame([LookFirstReason::EntireMale], $marks['belly']);
        self::assertSame([LookFirstReason::EntireMale], $marks['groin']);
    }

    #[DataProvider('referrals')]
    public function test_a_finding_says_what_it_asks_of_the_groomer(FindingKind $kind, ?Referral $expected): void
    {
        self::assertSame($expected, $kind->referral());
    }

    /** @return iterable<string, array{FindingKind, Referral|null}> */
    public static function referrals(): iterable
    {
        yield 'growth' => [FindingKind::Growth, Referral::NeverBrushOver];
        yield 'open skin' => [FindingKind::OpenSkin, Referral::LeaveAloneSeeVet];
        yield 'swelling' => [FindingKind::Swelling, Referral::LeaveAloneSeeVet];
        yield 'hot spot' => [FindingKind::HotSpot, Referral::ClipOnlySeeVet];
        yield 'maggots' => [FindingKind::Maggots, Referral::StopSeeVetNow];
        yield 'fleas' => [FindingKind::Fleas, Referral::LastInTheDay];
        yield 'a tick' => [FindingKind::Tick, Referral::NothingOverIt];
        yield 'mites or lice' => [FindingKind::MitesOrLice, Referral::ClipOnlySeeVet];
        yield 'pain' => [FindingKind::Pain, Referral::SeeVet];
        yield 'redness' => [FindingKind::Redness, null];
    }
}
