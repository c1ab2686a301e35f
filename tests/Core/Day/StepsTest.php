<?php

declare(strict_types=1);

namespace Tests\Core\Day;

use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\Day\ComingVisit;
use HoundCheck\Core\Day\Minutes;
use HoundCheck\Core\Day\PlannedStep;
use HoundCheck\Core\Day\Step;
use HoundCheck\Core\Dog\Dog;
use HoundCheck\Core\Dog\HomeBrushing;
use HoundCheck\Core\Effort\Effort;
use HoundCheck\Core\Effort\GroomerClock;
use HoundCheck\Core\Effort\GroomerClocks;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\House\Service;
use HoundCheck\Core\Memory\DogMemory;
use HoundCheck\Core\Memory\LifeAtHome;
use HoundCheck\Core\Memory\VisitTells;
use PHPUnit\Framework\TestCase;
use Tests\Core\Dogs;

final class StepsTest extends TestCase
{
    public function test_a_dog_that_was_never_here_is_reckoned_with_as_the_usual_dog_of_its_coat(): void
    {
        $steps = self::steps(Dogs::dog(weightKg: 14, coat: CoatType::Curly, coatMm: 50));

        self::assertSame(['inspect', 'answer', 'brush', 'bath', 'dry', 'check', 'finish'], array_keys($steps));
        $rates = HouseRules::shop()->effort;
        $effort = new Effort(Dogs::dog(weightKg: 14, coat: CoatType::Curly, coatMm: 50), $rates);
        self::assertEqualsWithDelta($effort->bathMinutes(), $steps['bath'], 1e-9);
        self::assertEqualsWithDelta($effort->dryMinutes(), $steps['dry'], 1e-9);
        $lines = array_sum(array_map($effort->lineMinutes(...), Section::cases()));
        self::assertGreaterThan($lines, $steps['brush'], 'mats and rests come on top of the lines');
    }

    public function test_a_matted_past_and_a_longer_wait_make_a_longer_brush_out(): void
    {
        $dog = Dogs::dog(weightKg: 14, coat: CoatType::Curly, coatMm: 50);
        $matted = self::memory(Grade::Mat);
        $clear = self::memory(Grade::Clear);

        self::assertGreaterThan(self::steps($dog, $clear, 42)['brush'] + 5, self::steps($dog, $matted, 42)['brush']);
        self::assertGreaterThan(self::steps($dog, $matted, 14)['brush'], self::steps($dog, $matted, 70)['brush']);
    }

    public function test_nails_and_tidy_needs_no_water_and_hardly_a_table(): void
    {
        $steps = self::steps(Dogs::dog(weightKg: 14, coat: CoatType::Curly, coatMm: 50), service: Service::NailsAndTidy);

        self::assertSame(['inspect', 'finish'], array_keys($steps));
        self::assertLessThan(45, array_sum($steps));
    }

    public function test_a_groomers_own_clock_corrects_the_minutes_and_says_how_they_stray(): void
    {
        $slow = new GroomerClock(40, 40 * log(1.3), array_fill(0, 40, 1.3), [1.0, 1.1, 1.2, 1.3, 1.4, 1.5, 1.6]);
        $dog = Dogs::dog(weightKg: 14, coat: CoatType::Curly, coatMm: 50);
        $plain = self::visit($dog)->steps();
        $own = self::visit($dog, clocks: new GroomerClocks(table: $slow))->steps();

        self::assertGreaterThan(1.15 * $plain[2]->minutes, $own[2]->minutes);
        // A tenth of the ratios lies under 1.06, a tenth over 1.54.
        self::assertEqualsWithDelta(hypot(log(1.54 / 1.06) / (2 * 1.28155), 0.18), $own[2]->spread, 0.001, 'and nobody has combed it yet');
        self::assertSame(hypot(0.25, 0.18), $plain[2]->spread);
        self::assertSame([$plain[3]->minutes, $plain[3]->spread], [$own[3]->minutes, $own[3]->spread]);
    }

    public function test_a_dog_that_has_to_rest_is_longer_on_the_table(): void
    {
        $young = self::steps(Dogs::dog(weightKg: 14, coat: CoatType::Curly, coatMm: 50, ageMonths: 36));
        $old = self::steps(Dogs::dog(weightKg: 14, coat: CoatType::Curly, coatMm: 50, ageMonths: 170));

        self::assertGreaterThan($young['brush'] + 10, $old['brush']);
    }

    public function test_a_range_holds_eight_in_ten(): void
    {
        [$from, $to] = (new PlannedStep(\HoundCheck\Core\Day\Step::Brush, 60, 0.25))->range();

        self::assertEqualsWithDelta([60 / exp(1.28155 * 0.25), 60 * exp(1.28155 * 0.25)], [$from, $to], 0.001);
    }

    private static function memory(Grade $grade): DogMemory
    {
        $visits = [];
        foreach ([140, 98, 56, 0] as $days) {
            $ids = array_column(Section::cases(), 'value');
            $visits[] = new VisitTells(
                new \DateTimeImmutable("2026-06-09 -{$days} days"),
                new LifeAtHome(HomeBrushing::None, false, [], false, [], 40),
                false,
                42,
                array_fill_keys($ids, $grade),
                array_fill_keys($ids, 50.0),
                array_fill_keys($ids, 50.0),
                Section::cases(),
                60.0,
                3.0,
            );
        }

        return DogMemory::of(CoatType::Curly, $visits, HouseRules::shop()->memory, 50.0);
    }

    private static function visit(
        Dog $dog,
        ?DogMemory $memory = null,
        int $days = 42,
        Service $service = Service::FullGroom,
        GroomerClocks $clocks = new GroomerClocks,
    ): ComingVisit {
        $house = HouseRules::shop();
        $memory ??= DogMemory::of($dog->coat, [], $house->memory);

        return ComingVisit::expected($dog, $memory, new \DateTimeImmutable("2026-06-09 +{$days} days"), $service, $house, $clocks);
    }

    /** @return array<string, float> minutes by step */
    private static function steps(Dog $dog, ?DogMemory $memory = null, int $days = 42, Service $service = Service::FullGroom): array
    {
        $steps = self::visit($dog, $memory, $days, $service)->steps();

        return array_combine(array_map(fn(PlannedStep $one): string => $one->step->value, $steps), array_map(fn(PlannedStep $one): float => $one->minutes, $steps));
    }

    public function test_steps_add_up_and_stray_less_together_than_apart(): void
    {
        $steps = [new PlannedStep(Step::Brush, 60.0, 0.25), new PlannedStep(Step::Dry, 40.0, 0.2)];
        $sum = Minutes::together($steps);
        $apart = $steps[0]->range()[1] + $steps[1]->range()[1];

        self::assertEqualsWithDelta(100.0, $sum->likely, 1e-9);
        self::assertLessThan($apart, $sum->to);
        self::assertGreaterThan(max($steps[0]->range()[1] + 40.0, 60.0 + $steps[1]->range()[1]), $sum->to, 'but more than one of them alone');
        self::assertSame([0.0, 0.0], [Minutes::together([])->likely, Minutes::together([])->to]);
    }
}
