<?php

declare(strict_types=1);

namespace Tests\Core\Owner;

use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\Dog\Dog;
use HoundCheck\Core\Dog\HomeBrushing;
use HoundCheck\Core\Effort\Effort;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\House\MemoryRules;
use HoundCheck\Core\Memory\DogsClock;
use HoundCheck\Core\Memory\LeftCoat;
use HoundCheck\Core\Memory\LifeAtHome;
use HoundCheck\Core\Memory\MattingScale;
use HoundCheck\Core\Memory\NextVisit;
use HoundCheck\Core\Owner\OwnersMinutes;
use HoundCheck\Core\Owner\OwnersPlan;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Dogs;
use Tests\Core\Memory\Lives;

final class OwnersPlanTest extends TestCase
{
    #[DataProvider('owners')]
    public function test_nothing_else_that_fits_the_minutes_takes_away_more(
        float $kg,
        CoatType $coat,
        float $mm,
        int $budget,
        int $sessions,
        int $weeks,
    ): void {
        $dog = Dogs::dog(weightKg: $kg, coat: $coat, coatMm: $mm);
        $plan = self::plan($dog, $budget, $sessions, $weeks);
        [$tenths, $saved] = self::costAndSaving($dog, $sessions, $weeks);

        self::assertSame($tenths, $plan->tenths);
        $used = array_sum(array_map(fn(Section $section): int => $tenths[$section->value], $plan->sections));
        self::assertLessThanOrEqual($budget * 10, $used);
        $away = array_sum(array_map(fn(Section $section): float => $saved[$section->value], $plan->sections));
        self::assertEqualsWithDelta($away, $plan->tanglesWithout - $plan->tanglesWith, 1e-9);
        self::assertEqualsWithDelta(self::most($tenths, $saved, $budget * 10), $away, 1e-9);
    }

    /** @return iterable<string, array{float, CoatType, float, int, int, int}> */
    public static function owners(): iterable
    {
        yield 'a small dog, ten minutes once a week' => [5, CoatType::Silky, 90, 10, 1, 4];
        yield 'a small dog, everything fits' => [3, CoatType::Mixed, 20, 60, 2, 6];
        yield 'a big dog, ten minutes' => [34, CoatType::Double, 60, 10, 2, 8];
        yield 'a middling one, a quarter of an hour' => [14, CoatType::Curly, 45, 15, 3, 5];
        yield 'a minute is not enough for much' => [14, CoatType::Curly, 45, 1, 7, 5];
    }

    public function test_the_plan_goes_down_the_body_and_the_back_comes_last_by_itself(): void
    {
        $dog = Dogs::dog(weightKg: 14, coat: CoatType::Curly, coatMm: 45);
        $small = self::plan($dog, 15, 2, 5);
        $order = array_column(Section::cases(), 'value');
        $sorted = array_column($small->sections, 'value');
        usort($sorted, fn(string $one, string $other): int => array_search($one, $order, true) <=> array_search($other, $order, true));

        self::assertSame($sorted, array_column($small->sections, 'value'));
        self::assertContains(Section::BehindEarLeft, $small->sections);
        self::assertNotContains(Section::Back, $small->sections);
    }

    public function test_what_it_is_held_against_is_no_brushing_whatever_is_told_today(): void
    {
        $dog = Dogs::dog(weightKg: 14, coat: CoatType::Curly, coatMm: 45);

        self::assertEquals(self::plan($dog, 10, 2, 5), self::plan($dog, 10, 2, 5, home: HomeBrushing::DailyToTheSkin));
    }

    public function test_an_owner_who_showed_the_comb_test_takes_more_away_and_so_does_one_who_comes_oftener(): void
    {
        $dog = Dogs::dog(weightKg: 14, coat: CoatType::Curly, coatMm: 45);
        $told = self::plan($dog, 10, 2, 5);

        self::assertLessThan($told->tanglesWith, self::plan($dog, 10, 2, 5, shown: true)->tanglesWith);
        self::assertLessThan($told->tanglesWith, self::plan($dog, 10, 4, 5)->tanglesWith);
        self::assertLessThan($told->tanglesWith, self::plan($dog, 15, 2, 5)->tanglesWith);
    }

    public function test_a_place_takes_the_owner_seventeen_tenths_of_a_groomers_minutes_on_the_coat_as_it_will_be(): void
    {
        $tenths = self::plan(Dogs::dog(weightKg: 14, coat: CoatType::Curly, coatMm: 20), 10, 2, 8)->tenths;
        // 56 days of growth at 12 mm a month.
        $grown = new Effort(Dogs::dog(weightKg: 14, coat: CoatType::Curly, coatMm: 20 + 12 * 56 / 30.4), HouseRules::shop()->effort);

        foreach (Section::cases() as $section) {
            $exact = 17 * $grown->lineMinutes($section);
            self::assertTrue($tenths[$section->value] >= $exact - 1e-6 && $tenths[$section->value] < $exact + 1, $section->value);
        }
    }

    private static function plan(
        Dog $dog,
        int $budget,
        int $sessions,
        int $weeks,
        HomeBrushing $home = HomeBrushing::None,
        bool $shown = false,
    ): OwnersPlan {
        $rules = new MemoryRules;
        $next = new NextVisit(
            $dog,
            new LeftCoat($dog->coat, $dog->coatMm, [], $rules),
            new LifeAtHome($home, $shown, [], false, [], $dog->ageMonths),
            DogsClock::learned($dog->coat, [], $rules),
            HouseRules::shop(),
        );

        return OwnersPlan::of($next, $weeks, new OwnersMinutes($budget, $sessions));
    }

    /** @return array{array<string, int>, array<string, float>} tenths of a minute, and tangles taken away, by section id */
    private static function costAndSaving(Dog $dog, int $sessions, int $weeks): array
    {
        $rules = new MemoryRules;
        $scale = new MattingScale($dog->coat, $rules);
        $clock = DogsClock::learned($dog->coat, [], $rules);
        $coat = new LeftCoat($dog->coat, $dog->coatMm, [], $rules);
        $grown = Dogs::dog(weightKg: $dog->weightKg, coat: $dog->coat, coatMm: $coat->lengthMm(Section::Back, 7 * $weeks));
        $effort = new Effort($grown, HouseRules::shop()->effort);
        $cost = $saved = [];
        foreach (Section::cases() as $section) {
            $x = $scale->exposure($section, 7 * $weeks, $coat->lengthMm($section, 3.5 * $weeks), Lives::life());
            $left = 0.3 + 0.7 * min(1, 7 / $sessions / (7 * $weeks));
            $cost[$section->value] = (int) ceil(17 * $effort->lineMinutes($section) - 1e-8);
            $saved[$section->value] = $clock->chance($section, Grade::Tangle, $x) - $clock->chance($section, Grade::Tangle, $x * $left);
        }

        return [$cost, $saved];
    }

    /**
     * Every bundle that no cheaper one beats, section after section.
     *
     * @param array<string, int> $tenths
     * @param array<string, float> $saved
     */
    private static function most(array $tenths, array $saved, int $room): float
    {
        $bundles = [0 => 0.0];
        foreach ($tenths as $id => $cost) {
            foreach ($bundles as $used => $away) {
                if ($used + $cost <= $room) {
                    $more[$used + $cost] = max($more[$used + $cost] ?? 0.0, $away + $saved[$id]);
                }
            }
            foreach ($more ?? [] as $used => $away) {
                $bundles[$used] = max($bundles[$used] ?? 0.0, $away);
            }
            $more = [];
        }

        return max($bundles);
    }
}
