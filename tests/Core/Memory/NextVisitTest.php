<?php

declare(strict_types=1);

namespace Tests\Core\Memory;

use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\Dog\Dog;
use HoundCheck\Core\Dog\HomeBrushing;
use HoundCheck\Core\Dog\Temperament;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\House\MatSchool;
use HoundCheck\Core\House\MemoryRules;
use HoundCheck\Core\House\Schools;
use HoundCheck\Core\Memory\DogsClock;
use HoundCheck\Core\Memory\IntervalForecast;
use HoundCheck\Core\Memory\KeepableCoat;
use HoundCheck\Core\Memory\LeftCoat;
use HoundCheck\Core\Memory\LifeAtHome;
use HoundCheck\Core\Memory\NextVisit;
use HoundCheck\Core\Memory\OwnPace;
use HoundCheck\Core\Memory\Pace;
use HoundCheck\Core\Memory\PastInterval;
use HoundCheck\Core\Tolerance\Tolerance;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Dogs;

final class NextVisitTest extends TestCase
{
    public function test_the_longer_it_stays_away_the_more_there_is_of_everything(): void
    {
        $forecast = self::nextVisit(Dogs::dog(coat: CoatType::Curly))->forecast();

        self::assertSame([1, 2, 3, 4, 5, 6, 8, 10, 12], array_map(fn(IntervalForecast $row): int => $row->weeks, $forecast));
        foreach (['tangles', 'mats', 'matsSeen', 'tight', 'lost', 'minutes', 'tension'] as $figure) {
            $figures = array_map(fn(IntervalForecast $row): float => $row->{$figure}, $forecast);
            $rising = $figures;
            sort($rising);
            self::assertSame($rising, $figures, $figure);
        }
        foreach ($forecast as $row) {
            self::assertTrue($row->tight < $row->mats && $row->mats < $row->tangles && $row->matsSeen < $row->mats && $row->lost < 1);
        }
    }

    public function test_a_dog_that_hardly_mats_costs_its_line_brushing_and_one_that_is_pelted_its_clipping(): void
    {
        $smooth = self::nextVisit(Dogs::dog(weightKg: 12, coat: CoatType::Smooth, coatMm: 10))->forecast()[0];
        self::assertLessThan(0.001, $smooth->tangles);
        self::assertEqualsWithDelta(self::lineMinutes(CoatType::Smooth, 10), $smooth->minutes, 0.001);

        $dog = Dogs::dog(weightKg: 12, coat: CoatType::Curly, coatMm: 140, ageMonths: 10);
        $pelted = self::nextVisit($dog, past: array_fill(0, 9, Lives::allAt(Grade::Pelted, 2)))->forecast()[8];
        self::assertGreaterThan(29.9, $pelted->tight);
        self::assertGreaterThan(0.999, $pelted->lost);
        // Shares add up to 100.0 of a body of 10.1 × 12000^⅔ cm²; 0.25 s/cm² and 1.8 times slower at a matted share of 0.8.
        $body = array_sum(array_map(fn(Section $section): float => $section->share(), Section::cases())) * 10.1 * 12000 ** (2 / 3);
        $clip = $body * 0.25 * 1.8 / 60;
        self::assertEqualsWithDelta($clip, $pelted->minutes, 0.02 * $clip);
    }

    /** @param list<PastInterval> $past */
    #[DataProvider('intervals')]
    public function test_the_suggested_interval_is_the_longest_that_keeps_the_coat_and_that_the_cut_allows(
        ?int $weeks,
        CoatType $coat,
        float $mm,
        HomeBrushing $home,
        array $past = [],
    ): void {
        $next = self::nextVisit(Dogs::dog(coat: $coat, coatMm: $mm), $home, $past);

        self::assertSame($weeks, $next->recommendedWeeks($next->forecast()));
        self::assertSame($weeks ?? 2, $next->weeksLookedAt($weeks));
    }

    /** @return iterable<string, array{0: int|null, 1: CoatType, 2: float, 3: HomeBrushing, 4?: list<PastInterval>}> */
    public static function intervals(): iterable
    {
        yield 'a smooth dog, as long as there is' => [12, CoatType::Smooth, 10, HomeBrushing::None];
        $clear = array_fill(0, 6, Lives::allAt(Grade::Clear, 90));
        $pelted = array_fill(0, 6, Lives::allAt(Grade::Pelted, 14));
        yield 'wool that never mats is cut again after eight weeks' => [8, CoatType::Curly, 13, HomeBrushing::DailyToTheSkin, $clear];
        yield 'wool that felts in days is kept by no date' => [null, CoatType::Curly, 90, HomeBrushing::None, $pelted];
    }

    public function test_an_interval_keeps_a_coat_only_within_all_three_limits(): void
    {
        $dog = Dogs::dog(coat: CoatType::Curly, coatMm: 60, temperament: Temperament::Mouthy);
        $half = Tolerance::of($dog, HouseRules::shop()->tolerance)->minutes / 2;
        $seen = [];
        foreach (self::nextVisit($dog)->keepable() as $field) {
            $forecast = $field->forecast;
            $limits = [$forecast->matsSeen < 2, $forecast->tension <= $half, $forecast->lost <= 0.04];
            self::assertSame(! in_array(false, $limits, true), $field->isKeepable);
            $seen[json_encode($limits)] = true;
        }
        self::assertArrayHasKey('[true,true,true]', $seen);
        self::assertArrayHasKey('[true,false,true]', $seen, 'Pulling alone is too much for a dog that mouths.');
    }

    public function test_a_double_coat_may_lose_a_little_more(): void
    {
        $limit = fn(CoatType $coat): float => max(array_map(
            fn(KeepableCoat $field): float => $field->isKeepable ? $field->forecast->lost : 0.0,
            self::nextVisit(
                Dogs::dog(coat: $coat, temperament: Temperament::Settled),
                past: array_fill(0, 3, Lives::allAt(Grade::TightMat, 60)),
                house: new HouseRules(memory: new MemoryRules(
                    keepableMatsSeen: 30,
                    keepableTensionPart: 5,
                    keepableCutsMm: array_map(floatval(...), range(10, 120, 2)),
                )),
            )->keepable(),
        ));

        self::assertEqualsWithDelta(0.06, $limit(CoatType::Double), 0.003);
        self::assertEqualsWithDelta(0.04, $limit(CoatType::Mixed), 0.003);
    }

    public function test_keepable_fields_go_by_length_home_brushing_and_weeks_from_a_whole_dog_cut_alike(): void
    {
        $fields = self::nextVisit(Dogs::dog(coat: CoatType::Curly, sectionMm: ['tail' => 150]))->keepable();

        self::assertCount(36, $fields);
        self::assertSame(
            [[13.0, 'none', 4], [13.0, 'none', 6], [13.0, 'none', 8], [13.0, 'weekly', 4]],
            array_map(
                fn(KeepableCoat $field): array => [$field->lengthMm, $field->home->value, $field->forecast->weeks],
                array_slice($fields, 0, 4),
            ),
        );
        self::assertEquals(self::nextVisit(Dogs::dog(coat: CoatType::Curly))->keepable(), $fields, 'A long tail is cut too.');
    }

    public function test_a_salon_with_a_splitting_tool_takes_less_time_and_pulls_less(): void
    {
        $dog = Dogs::dog(coat: CoatType::Curly);
        $fingers = self::nextVisit($dog)->forecast()[5];
        $split = self::nextVisit($dog, house: new HouseRules(schools: new Schools(mats: MatSchool::SplittingToolAllowed)))->forecast()[5];

        self::assertSame($fingers->mats, $split->mats);
        self::assertLessThan($fingers->minutes, $split->minutes);
        self::assertLessThan($fingers->tension, $split->tension);
    }

    /** @param list<PastInterval> $past */
    public function test_a_dogs_pace_is_told_against_the_usual_dog_and_only_once_something_is_known(): void
    {
        $dog = Dogs::dog(coat: CoatType::Curly);
        $pace = fn(Grade $grade, int $inspections): OwnPace => OwnPace::of(
            self::nextVisit($dog, past: array_fill(0, $inspections, Lives::allAt($grade, 42))),
            6,
            $inspections,
        );

        self::assertSame([Pace::Unknown, true, null], array_values((array) $pace(Grade::Clear, 0)));
        self::assertSame([Pace::Faster, true], [$pace(Grade::Pelted, 2)->pace, $pace(Grade::Pelted, 2)->early]);
        self::assertSame([Pace::Faster, false], [$pace(Grade::Pelted, 3)->pace, $pace(Grade::Pelted, 3)->early]);
        self::assertNotNull($pace(Grade::Pelted, 3)->where, 'a dog that is pelted all over has a place where it is worst');
        self::assertSame([Pace::Slower, false, null], array_values((array) $pace(Grade::Clear, 6)));
    }

    public function test_a_dog_like_the_others_of_its_coat_is_called_so(): void
    {
        $dog = Dogs::dog(coat: CoatType::Curly);
        $usual = OwnPace::of(self::nextVisit($dog), 6, 3);

        self::assertSame([Pace::Usual, false, null], array_values((array) $usual), 'nothing was learned that sets it apart');
    }

    private static function nextVisit(
        Dog $dog,
        HomeBrushing $home = HomeBrushing::None,
        array $past = [],
        HouseRules $house = new HouseRules,
    ): NextVisit {
        return new NextVisit(
            $dog,
            new LeftCoat($dog->coat, $dog->coatMm, $dog->sectionMm, $house->memory),
            new LifeAtHome($home, false, [], false, [], $dog->ageMonths),
            DogsClock::learned($dog->coat, $past, $house->memory),
            $house,
        );
    }

    /** From the formulas of the trade: lines 15 mm apart, 0.3 s a cm, a fifth more for the comb; a 12 kg dog. */
    private static function lineMinutes(CoatType $coat, float $mm): float
    {
        $pace = HouseRules::shop()->effort->paceByCoat[$coat->value];
        $minutes = 0.0;
        foreach (Section::cases() as $section) {
            $area = $section->share() * 10.1 * 12000 ** (2 / 3);
            $height = sqrt($area / $section->facts()->aspect);
            $lines = max(1, ceil($height / 1.5));
            $minutes += 1.2 * $lines * $section->facts()->aspect * $height * 0.3 * $pace * max(0.4, 0.3 + $mm / 67) / 60;
        }

        return $minutes;
    }
}
