<?php

declare(strict_types=1);

namespace Tests\Core\Table;

use HoundCheck\Core\Bath\Shedding;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\Gate\Refusal;
use HoundCheck\Core\House\CombSchool;
use HoundCheck\Core\House\MatSchool;
use HoundCheck\Core\House\Schools;
use HoundCheck\Core\Marks\MarkKind;
use HoundCheck\Core\Table\OpeningWay;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Core\Scene;

/** Loose undercoat, from the table to the dryer; and what opens a mat in the hand. */
final class SheddingTest extends TestCase
{
    /** @param array<string, mixed> $dog */
    #[TestWith([['coat' => 'double'], false, false])]
    #[TestWith([['coat' => 'mixed'], false, null])]
    #[TestWith([['coat' => 'mixed'], true, false])]
    #[TestWith([['coat' => 'smooth'], true, true])]
    #[TestWith([['coat' => 'curly'], true, null])]
    public function test_a_double_coat_is_raked_and_in_moult_every_coat_with_undercoat(array $dog, bool $moult, ?bool $expected): void
    {
        $scene = $this->moulting($dog, $moult);
        $shedding = Shedding::of($scene->report()->fromHere->case->dog, $scene->run(), $scene->rules->table);

        self::assertSame($expected, $shedding?->byRubberBrush);
        self::assertSame(
            $expected === null ? Refusal::NotOffered : null,
            $scene->refusal(MarkKind::RakePassed, ['rake' => 'wide', 'handfuls' => 1], 'back'),
        );
    }

    public function test_the_fine_rake_follows_where_the_wide_one_stopped_giving(): void
    {
        $scene = $this->moulting(['coat' => 'double']);
        foreach (['back' => [2, 0.25], 'tail' => [2, 2]] as $section => $handfuls) {
            foreach ($handfuls as $brought) {
                $scene->do(MarkKind::RakePassed, ['rake' => 'wide', 'handfuls' => $brought], $section);
            }
        }
        $shedding = Shedding::of($scene->report()->fromHere->case->dog, $scene->run(), $scene->rules->table);

        self::assertSame(['back'], array_column($shedding->fineAt ?? [], 'value'));
    }

    /** @param list<array{MarkKind, array<string, mixed>}> $before */
    #[DataProvider('stages')]
    public function test_each_stage_has_its_time(?Refusal $expected, array $before, string $step, string $coat = 'double'): void
    {
        $scene = $this->moulting(['coat' => $coat])->do(MarkKind::BathCleared);
        foreach ($before as [$kind, $payload]) {
            self::assertNull($scene->refusal($kind, $payload));
            $scene->do($kind, $payload);
        }

        self::assertSame($expected, $scene->refusal(MarkKind::BathStepped, ['step' => $step]));
    }

    /** @return iterable<string, array{0: Refusal|null, 1: list<array{MarkKind, array<string, mixed>}>, 2: string, 3?: string}> */
    public static function stages(): iterable
    {
        $step = fn(string $step): array => [MarkKind::BathStepped, ['step' => $step]];
        $wet = [$step('rinsed_first')];
        $soaped = [...$wet, $step('lathered')];
        $rinsed = [...$soaped, $step('rinsed_out')];
        $air = [...$rinsed, [MarkKind::DryStarted, ['method' => 'dryer']]];

        yield 'before the lather' => [Refusal::BathStepsInOrder, $wet, 'raked_in_lather'];
        yield 'in the lather' => [null, $soaped, 'raked_in_lather'];
        yield 'in the lather of a coat that does not shed' => [Refusal::NotOffered, $soaped, 'raked_in_lather', 'curly'];
        yield 'towelled, still soaped' => [Refusal::BathStepsInOrder, $soaped, 'raked_towelled'];
        yield 'towelled' => [null, $rinsed, 'raked_towelled'];
        yield 'under a dryer that is off' => [Refusal::BathStepsInOrder, $rinsed, 'raked_under_dryer'];
        yield 'under the dryer' => [null, $air, 'raked_under_dryer'];
        yield 'under the dryer, on its back' => [
            Refusal::LiesOnItsBack,
            [...$air, [MarkKind::PostureTaken, ['posture' => 'back']]],
            'raked_under_dryer',
        ];
        yield 'rinsed on its back' => [null, [...$soaped, [MarkKind::PostureTaken, ['posture' => 'back']]], 'rinsed_out'];
    }

    /** @param list<string> $more than fingers, brush corner, pat and lift, both ways */
    #[TestWith([Grade::Tangle, MatSchool::FingersFirst, CombSchool::OnlyChecks, []])]
    #[TestWith([Grade::Tangle, MatSchool::SplittingToolAllowed, CombSchool::EndToothOpensTangles, ['end_tooth']])]
    #[TestWith([Grade::Mat, MatSchool::SplittingToolAllowed, CombSchool::EndToothOpensTangles, ['splitting_tool']])]
    #[TestWith([Grade::TightMat, MatSchool::FingersFirst, CombSchool::EndToothOpensTangles, []])]
    public function test_a_mat_is_opened_as_the_house_works(Grade $grade, MatSchool $mats, CombSchool $comb, array $more): void
    {
        self::assertSame(
            ['fingers', 'brush_corner', 'pat_and_lift', 'both_ways', ...$more],
            array_column(OpeningWay::for($grade, new Schools(mats: $mats, combOpens: $comb)), 'value'),
        );
    }

    /** @param array<string, mixed> $dog */
    private function moulting(array $dog, bool $moult = true): Scene
    {
        return Scene::inspected(dog: $dog)->do(MarkKind::ArrivalAnswered, ['moult' => $moult]);
    }
}
