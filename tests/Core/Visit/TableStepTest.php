<?php

declare(strict_types=1);

namespace Tests\Core\Visit;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Marks\MarkKind;
use HoundCheck\Core\Visit\TableStep;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Scene;

final class TableStepTest extends TestCase
{
    #[DataProvider('steps')]
    public function test_a_section_in_hand_asks_for_what_comes_next(TableStep $expected, Scene $scene): void
    {
        self::assertSame($expected, TableStep::at(Section::Tail, $scene->report()));
    }

    /** @return iterable<string, array{TableStep, Scene}> */
    public static function steps(): iterable
    {
        $matted = fn(string $treatment): Scene => Scene::inspected(['tail' => Scene::comb(3, 0.2, 13)])
            ->do(MarkKind::TreatmentChosen, ['treatment' => $treatment], 'tail');
        $clear = fn(int $grade = 0): Scene => Scene::inspected(['tail' => Scene::comb($grade)]);

        yield 'nothing was found' => [TableStep::Pass, $clear()];
        yield 'drag' => [TableStep::Pass, $clear(1)];
        yield 'a mat that nobody decided on' => [TableStep::Plan, Scene::inspected(['tail' => Scene::comb(3, 0.2, 13)])];
        yield 'a mat to open' => [TableStep::Comb, $matted('demat')];
        yield 'a mat to clip' => [TableStep::Clip, $matted('clip:9.5')];
        $cutLonger = $matted('clip:3.2')->do(MarkKind::Clipped, ['mm' => 9.5], 'tail');
        yield 'cut longer than was planned: the comb says whether that is enough' => [TableStep::CombTheCut, $cutLonger];
        $again = clone $cutLonger;
        $again->do(MarkKind::TableCombed, Scene::comb(3), 'tail')->do(MarkKind::TreatmentChosen, ['treatment' => 'clip:3.2'], 'tail');
        yield 'cut, combed, and to be cut again' => [TableStep::Clip, $again];
        yield 'cut as planned' => [TableStep::CombTheCut, $matted('clip:9.5')->do(MarkKind::Clipped, ['mm' => 9.5], 'tail')];
        yield 'clean coat that is cut after the dryer' => [
            TableStep::Pass,
            $clear()->do(MarkKind::TreatmentChosen, ['treatment' => 'clip:13'], 'tail'),
        ];
        yield 'found matted only at the table' => [TableStep::Plan, $clear()->do(MarkKind::TableCombed, Scene::comb(3), 'tail')];
    }
}
