<?php

declare(strict_types=1);

namespace Tests\Core\Memory;

use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\Dog\HomeBrushing;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\Memory\DogsClock;
use HoundCheck\Core\Memory\KeepableCoat;
use HoundCheck\Core\Memory\Ladder;
use HoundCheck\Core\Memory\LeftCoat;
use HoundCheck\Core\Memory\NextVisit;
use PHPUnit\Framework\TestCase;
use Tests\Core\Dogs;

final class LadderTest extends TestCase
{
    public function test_a_coat_that_nothing_keeps_still_gets_the_closest_dates_with_their_figures(): void
    {
        $next = self::next(150, 6);

        self::assertNull($next->recommendedWeeks($next->forecast()));
        $ladder = Ladder::of($next, $next->keepable());
        self::assertSame([1, false], [$ladder->closer->weeks, $ladder->closerKeeps]);
    }

    public function test_the_first_rung_is_the_longest_closer_date_that_keeps(): void
    {
        $next = self::next(60, 0);
        $ladder = Ladder::of($next, $next->keepable());

        self::assertTrue($ladder->closerKeeps);
        self::assertTrue($next->forecaster->isKeepable($ladder->closer));
        self::assertSame(min(4, $next->recommendedWeeks($next->forecast())), $ladder->closer->weeks);
    }

    public function test_another_cut_is_the_longest_that_keeps_as_the_dog_is_brushed_now_and_shorter_keeps_for_more_weeks(): void
    {
        $next = self::next(60, 0, HomeBrushing::WeeklyToTheSkin);
        $ladder = Ladder::of($next, $next->keepable());
        $kept = array_filter($next->keepable(), fn(KeepableCoat $cut): bool => $cut->isKeepable && $cut->home === HomeBrushing::WeeklyToTheSkin);

        self::assertSame(max(array_map(fn(KeepableCoat $cut): float => $cut->lengthMm, $kept)), $ladder->anotherCut?->lengthMm);
        self::assertSame(HomeBrushing::WeeklyToTheSkin, $ladder->anotherCut->home);
        self::assertLessThan($ladder->anotherCut->lengthMm, $ladder->shorter?->lengthMm);
        self::assertGreaterThan($ladder->anotherCut->forecast->weeks, $ladder->shorter?->forecast->weeks);
    }

    private static function next(float $mm, int $pelted, HomeBrushing $home = HomeBrushing::None): NextVisit
    {
        $dog = Dogs::dog(coat: CoatType::Curly, coatMm: $mm);
        $house = HouseRules::shop();

        return new NextVisit(
            $dog,
            new LeftCoat($dog->coat, $mm, [], $house->memory),
            Lives::life($home),
            DogsClock::learned($dog->coat, array_fill(0, $pelted, Lives::allAt(Grade::Pelted, 20)), $house->memory),
            $house,
        );
    }
}
