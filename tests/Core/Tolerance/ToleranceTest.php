<?php

declare(strict_types=1);

namespace Tests\Core\Tolerance;

use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\Dog\Dog;
use HoundCheck\Core\Dog\HealthFact;
use HoundCheck\Core\Dog\Temperament;
use HoundCheck\Core\House\ToleranceRules;
use HoundCheck\Core\Tolerance\Tension;
use HoundCheck\Core\Tolerance\Tolerance;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Dogs;

final class ToleranceTest extends TestCase
{
    #[DataProvider('dogs')]
    public function test_tolerance_follows_age_temperament_and_health(float $expected, Dog $dog): void
    {
        self::assertEqualsWithDelta($expected, Tolerance::of($dog, new ToleranceRules)->minutes, 1e-9);
    }

    /** @return iterable<string, array{float, Dog}> */
    public static function dogs(): iterable
    {
        yield 'an easy adult: 30' => [30.0, Dogs::dog()];
        yield 'a settled adult' => [36.0, Dogs::dog(temperament: Temperament::Settled)];
        yield 'wriggly' => [21.0, Dogs::dog(temperament: Temperament::Wriggly)];
        yield 'anxious' => [18.0, Dogs::dog(temperament: Temperament::Anxious)];
        yield 'mouthy' => [12.0, Dogs::dog(temperament: Temperament::Mouthy)];
        yield 'under 6 months' => [10.5, Dogs::dog(ageMonths: 5)];
        yield 'at 6 months it is an older puppy' => [21.0, Dogs::dog(ageMonths: 6)];
        yield 'at 12 months it is grown' => [30.0, Dogs::dog(ageMonths: 12)];
        yield 'a small dog is old at 10' => [15.0, Dogs::dog(weightKg: 25, ageMonths: 120)];
        yield 'and not at 9' => [30.0, Dogs::dog(weightKg: 25, ageMonths: 119)];
        yield 'over 25 kg it is old at 8' => [15.0, Dogs::dog(weightKg: 25.1, ageMonths: 96)];
        yield 'health multiplies' => [30 * 0.6 * 0.8, Dogs::dog(health: [HealthFact::JointPain, HealthFact::SkinAllergy])];
        yield 'heart or airway' => [15.0, Dogs::dog(health: [HealthFact::HeartOrAirway])];
        yield 'recent surgery' => [15.0, Dogs::dog(health: [HealthFact::RecentSurgery])];
        yield 'no floor for the frailest' => [30 * 0.35 * 0.4 * 0.5, Dogs::dog(ageMonths: 3, temperament: Temperament::Mouthy, health: [HealthFact::RecentSurgery])];
        yield 'over 40 kg it is old at 6' => [15.0, Dogs::dog(weightKg: 40.1, ageMonths: 72)];
        yield 'and not at 40 kg' => [30.0, Dogs::dog(weightKg: 40, ageMonths: 95)];
        yield 'four years later it bears less' => [30 * 0.35, Dogs::dog(weightKg: 10, ageMonths: 168)];
        yield 'and not a month before' => [15.0, Dogs::dog(weightKg: 10, ageMonths: 167)];
        yield 'short-nosed' => [24.0, Dogs::dog(health: [HealthFact::ShortNosed])];
        yield 'a first groom' => [21.0, new Dog(12, CoatType::Mixed, false, 40, [], 48, Temperament::Easy, [], firstGroom: true)];
        yield 'wary since it snapped' => [21.0, new Dog(12, CoatType::Mixed, false, 40, [], 48, Temperament::Easy, [], wary: true)];
    }

    public function test_it_is_never_over_45_whatever_the_house_sets(): void
    {
        self::assertSame(45.0, Tolerance::of(Dogs::dog(temperament: Temperament::Settled), new ToleranceRules(baseMinutes: 60))->minutes);
    }

    public function test_one_place_is_asked_a_third_of_what_the_dog_bears_and_10_minutes_at_most(): void
    {
        $cap = fn(Dog $dog, ToleranceRules $rules = new ToleranceRules): float => Tolerance::of($dog, $rules)->sectionCapMinutes;

        self::assertEqualsWithDelta(10.0, $cap(Dogs::dog()), 1e-9);
        self::assertEqualsWithDelta(10.0, $cap(Dogs::dog(temperament: Temperament::Settled)), 1e-9);
        self::assertEqualsWithDelta(4.0, $cap(Dogs::dog(temperament: Temperament::Mouthy)), 1e-9);
    }

    public function test_under_5_minutes_a_dog_is_too_frail_to_have_a_mat_opened(): void
    {
        $rules = new ToleranceRules(baseMinutes: 5);

        self::assertFalse(Tolerance::of(Dogs::dog(), $rules)->isFrail);
        self::assertTrue(Tolerance::of(Dogs::dog(temperament: Temperament::Anxious), $rules)->isFrail);
    }

    public function test_pulling_at_red_skin_counts_half_as_much_again(): void
    {
        $tension = new Tension(new ToleranceRules);

        self::assertEqualsWithDelta(1.5, $tension->ofDematting(Section::Back, Grade::Mat, 4, red: true) / $tension->ofDematting(Section::Back, Grade::Mat, 4), 1e-9);
    }

    public function test_the_same_minutes_pull_more_at_a_tender_place_and_a_tight_mat(): void
    {
        $tension = new Tension(new ToleranceRules);

        self::assertEqualsWithDelta(4 * 2.0 * 1.6, $tension->ofDematting(Section::ArmpitLeft, Grade::TightMat, 4), 1e-9);
        self::assertEqualsWithDelta(4 * 0.8 * 0.5, $tension->ofDematting(Section::Back, Grade::Tangle, 4), 1e-9);
        self::assertEqualsWithDelta(4 * 1.0 * 1.0, $tension->ofDematting(Section::BreechesLeft, Grade::Mat, 4), 1e-9);
    }

    public function test_clipping_pulls_only_under_tight_mats(): void
    {
        $tension = new Tension(new ToleranceRules);

        self::assertSame(0.0, $tension->ofClipping(Section::Groin, Grade::Mat, 5, 1));
        self::assertEqualsWithDelta(0.15 * 5 * 2.0, $tension->ofClipping(Section::Groin, Grade::TightMat, 5, 3), 1e-9);
        self::assertEqualsWithDelta(0.3 * 5 * 2.0, $tension->ofClipping(Section::Groin, Grade::TightMat, 5, 2.9), 1e-9, 'drawn up for the blade');
        self::assertEqualsWithDelta(0.3 * 5 * 2.0, $tension->ofClipping(Section::Groin, Grade::Pelted, 5, 4), 1e-9, 'a pelt');
        self::assertEqualsWithDelta(0.15 * 5 * 2.0, $tension->ofClipping(Section::Groin, Grade::TightMat, 5, null), 1e-9, 'nobody knows');
    }
}
