<?php

declare(strict_types=1);

namespace HoundCheck\Core\Home;

use HoundCheck\Core\Bath\BathRun;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Table\TableRun;

/** What a dog needs to go home: every step recorded; what is not stands in the record as skipped, with a reason. */
final readonly class GoingHome
{
    /**
     * @param list<Section> $leftAlone sections that nobody combs
     *
     * @return list<SkippedStep> in the order of the work; empty: nothing is missing
     */
    public static function skipped(TableRun $run, BathRun $bath, array $leftAlone): array
    {
        $missing = [
            [SkippedStep::BrushOut, ! $run->hasBegun()],
            [SkippedStep::BathGate, $bath->cleared === null],
            [SkippedStep::Bath, ! $bath->isBathed()],
            [SkippedStep::Drying, ! $bath->isDry()],
            [SkippedStep::SecondCombCheck, $bath->toCombAgain($leftAlone) !== []],
            [SkippedStep::Aftercare, $bath->aftercare === null],
            [SkippedStep::SignOff, $bath->signedOff === null],
        ];

        return array_column(array_filter($missing, fn(array $step): bool => $step[1]), 0);
    }

    /**
     * A dog whose work goes on another day goes home without its bath: nothing but that is missing.
     *
     * @param list<SkippedStep> $skipped
     */
    public static function waitsForTheNextVisit(array $skipped): bool
    {
        $ofTheBath = [SkippedStep::BathGate, SkippedStep::Bath, SkippedStep::Drying, SkippedStep::SecondCombCheck];

        return $skipped !== [] && array_filter($skipped, fn(SkippedStep $step): bool => ! in_array($step, $ofTheBath, true)) === [];
    }
}
