<?php

declare(strict_types=1);

namespace Tests\Core\Visit;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\House\DryingSchool;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\House\Schools;
use HoundCheck\Core\Marks\MarkKind;
use HoundCheck\Core\Marks\Words\DryArea;
use HoundCheck\Core\Visit\OtherWork;
use HoundCheck\Core\Visit\WorkTime;
use PHPUnit\Framework\TestCase;
use Tests\Core\Scene;

/** What the salon's clocks learn from the dryer and from the finish. */
final class WorkTimeTest extends TestCase
{
    public function test_drying_is_timed_from_the_dryers_start_to_the_last_place_that_is_dry(): void
    {
        $scene = $this->bathed();
        $scene->do(MarkKind::DryStarted, ['method' => 'dryer'], null, 300);
        self::assertSame([], $this->times($scene, 'drying'), 'it is not dry yet');
        $this->dry($scene, 240);

        [$time] = $this->times($scene, 'drying');

        self::assertSame([24.0, $scene->report()->dryMinutes()], [$time->minutes, $time->forecastMinutes]);
        self::assertEqualsWithDelta(24 / $scene->report()->dryMinutes(), $time->ratio, 1e-12);
        self::assertSame('Imke', $time->by);
    }

    public function test_a_coat_left_to_the_air_teaches_the_dryers_clock_nothing(): void
    {
        $scene = $this->bathed(['coat' => 'smooth'], new HouseRules(schools: new Schools(drying: DryingSchool::AirDryAllowed)));
        $this->dry($scene->do(MarkKind::DryStarted, ['method' => 'air']), 240);

        self::assertSame([], $this->times($scene, 'drying'));
    }

    public function test_the_finish_is_timed_from_the_second_comb_check_to_the_signature(): void
    {
        $scene = $this->bathed();
        $this->dry($scene->do(MarkKind::DryStarted, ['method' => 'dryer']), 240);
        foreach (Section::cases() as $section) {
            $scene->do(MarkKind::SecondCombed, Scene::comb(0), $section->value, 5);
        }
        $scene->do(MarkKind::FinishTicked, ['item' => 'eyes'], null, 600)->do(MarkKind::AftercareChosen, ['items' => []], null, 300);
        self::assertSame([], $this->times($scene, 'finish'), 'it is not signed yet');
        $scene->by = 'Rosalind';
        $scene->do(MarkKind::SignedOff, [], null, 60);

        [$time] = $this->times($scene, 'finish');

        self::assertSame([16.0, 'Rosalind'], [$time->minutes, $time->by]);
        self::assertSame((new OtherWork($scene->report()))->finish(), $time->forecastMinutes);
    }

    public function test_a_dryer_that_nobody_stopped_is_no_measure_of_the_work(): void
    {
        $scene = $this->bathed();
        $this->dry($scene->do(MarkKind::DryStarted, ['method' => 'dryer']), 7200);

        self::assertSame([], $this->times($scene, 'drying'));
    }

    /** @return list<WorkTime> */
    private function times(Scene $scene, string $work): array
    {
        return array_values(array_filter(WorkTime::of($scene->report()), fn(WorkTime $time): bool => $time->work->value === $work));
    }

    /** @param array<string, mixed> $dog */
    private function bathed(array $dog = [], HouseRules $rules = new HouseRules): Scene
    {
        return Scene::inspected(dog: $dog, rules: $rules)
            ->do(MarkKind::BathCleared)
            ->do(MarkKind::BathStepped, ['step' => 'rinsed_first'])
            ->do(MarkKind::BathStepped, ['step' => 'lathered'])
            ->do(MarkKind::BathStepped, ['step' => 'rinsed_out']);
    }

    private function dry(Scene $scene, float $secondsEach): void
    {
        foreach (DryArea::cases() as $area) {
            $scene->do(MarkKind::Dried, ['area' => $area->value], null, $secondsEach);
        }
    }
}
