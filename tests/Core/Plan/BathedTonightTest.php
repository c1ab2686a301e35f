<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\Marks\MarkKind;
use HoundCheck\Core\Plan\BathedTonight;
use HoundCheck\Core\Plan\CoatReport;
use PHPUnit\Framework\TestCase;
use Tests\Core\Scene;

final class BathedTonightTest extends TestCase
{
    public function test_each_knot_is_a_grade_tighter_and_half_as_far_from_the_skin_and_what_was_clear_stays_clear(): void
    {
        [$today, $tonight] = $this->both([
            'tail' => Scene::comb(2, 0.1, 12), 'belly' => Scene::comb(3, 0.2, 9.5), 'ear_l' => Scene::comb(4, 0.5, 4), 'ear_r' => Scene::comb(5, 0.8, 3.2),
        ]);

        $grades = fn(CoatReport $report): array => array_map(
            fn(string $id): ?Grade => $report->grade(Section::from($id)),
            ['tail', 'belly', 'ear_l', 'ear_r', 'back'],
        );
        self::assertSame([Grade::Tangle, Grade::Mat, Grade::TightMat, Grade::Pelted, Grade::Clear], $grades($today));
        self::assertSame([Grade::Mat, Grade::TightMat, Grade::Pelted, Grade::Pelted, Grade::Clear], $grades($tonight));
        $lift = fn(string $id): ?float => $tonight->case->reading(Section::from($id))->check->liftMm;
        self::assertSame([6.0, 4.75, 2.0, 1.6, null], array_map($lift, ['tail', 'belly', 'ear_l', 'ear_r', 'back']));
    }

    public function test_a_lift_that_nobody_measured_is_half_of_what_counts_today(): void
    {
        [, $tonight] = $this->both(['belly' => ['comb' => 'stops', 'skinLine' => 'patchy', 'opens' => 'tool', 'mattedShare' => 0.2]]);

        $assumed = $tonight->rules->plan->assumedLiftMm[Grade::Mat->value];
        self::assertSame($assumed / 2, $tonight->case->reading(Section::Belly)->check->liftMm);
    }

    public function test_where_a_blade_passed_today_only_a_shorter_one_does_then(): void
    {
        [$today, $tonight] = $this->both(['side_l' => Scene::comb(3, 0.2, 9.5)]);
        $longest = fn(CoatReport $report): float => max(array_map(
            fn($option): float => $option->treatment->clipMm ?? 0.0,
            $report->options->get(Section::SideLeft)->offered,
        ));

        self::assertLessThan($longest($today), $longest($tonight));
        self::assertGreaterThan(0, $longest($tonight));
    }

    public function test_a_knot_that_is_gone_by_now_tightens_no_more(): void
    {
        $scene = Scene::inspected(['tail' => Scene::comb(3, 0.2, 9.5), 'side_l' => Scene::comb(3, 0.2, 9.5)])
            ->do(MarkKind::TreatmentChosen, ['treatment' => 'demat'], 'tail')
            ->do(MarkKind::SectionTaken, [], 'tail')->do(MarkKind::TableCombed, Scene::comb(0), 'tail', 120);
        $report = $scene->report();
        $tonight = BathedTonight::of($report->fromHere, $report->state->run->done());

        self::assertSame([Grade::Clear, Grade::TightMat], [$tonight->grade(Section::Tail), $tonight->grade(Section::SideLeft)]);
    }

    /**
     * @param array<string, array<string, mixed>> $checks
     *
     * @return array{CoatReport, CoatReport}
     */
    private function both(array $checks): array
    {
        $today = Scene::inspected($checks, ['coat' => 'curly', 'coatMm' => 60])->report()->atInspection;

        return [$today, BathedTonight::of($today)];
    }
}
