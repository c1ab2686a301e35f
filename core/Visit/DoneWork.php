<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

use HoundCheck\Core\Coat\BySection;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Plan\CoatReport;
use HoundCheck\Core\Plan\Option;
use HoundCheck\Core\Plan\Treatment;
use HoundCheck\Core\Table\SectionLedger;
use HoundCheck\Core\Table\TableRun;

/** What was done where, as a plan from here counts it: it costs nothing any more, and keeps what it kept. */
final readonly class DoneWork
{
    /** @return BySection<Option> a cut that wants the comb yet is a cut */
    public static function of(TableRun $run, CoatReport $withTable): BySection
    {
        $done = [];
        foreach (Section::cases() as $section) {
            $ledger = $run->at($section);
            if ($ledger->isDone() || $ledger->wantsTheCombAfterItsCut()) {
                $done[$section->value] = self::cut($section, $ledger, $withTable) ?? self::combedThrough($section, $ledger, $withTable);
            }
        }

        return BySection::of($done);
    }

    private static function cut(Section $section, SectionLedger $ledger, CoatReport $withTable): ?Option
    {
        $mm = $ledger->cutMm();

        return $mm === null
            ? null
            : new Option(Treatment::clip($mm), 0.0, 0.0, $withTable->case->keptByCutTo($mm, $section, $withTable->rules->plan));
    }

    /** The comb passed: what was matted there was opened, and the coat is kept as opening keeps it. */
    private static function combedThrough(Section $section, SectionLedger $ledger, CoatReport $withTable): Option
    {
        $treatment = match (true) {
            $ledger->work()->matMinutes <= 0.0 => Treatment::brush(),
            $ledger->closes() > 0 => Treatment::thin(),
            default => Treatment::demat(),
        };

        return new Option($treatment, 0.0, 0.0, $withTable->keptByOpening($section, $treatment, $ledger->treatedGrade));
    }
}
