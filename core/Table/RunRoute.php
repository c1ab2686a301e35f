<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\Marks\Words\RunScope;
use HoundCheck\Core\Plan\CoatReport;
use HoundCheck\Core\Plan\PlanTotals;
use HoundCheck\Core\Plan\TreatmentKind;

/** The way round the dog at the table: the house's order, each section once. */
final readonly class RunRoute
{
    /** @return list<Section> */
    public static function of(RunScope $scope, CoatReport $report, PlanTotals $totals): array
    {
        $planned = fn(Section $section): bool => $report->grade($section) !== Grade::Clear
            || $totals->choices->for($section)?->kind === TreatmentKind::Clip;

        return match ($scope) {
            RunScope::WholeCoat => $report->rules->schools->sections(),
            RunScope::PlannedOnly => array_values(array_filter($report->rules->schools->sections(), $planned)),
            RunScope::LightCheckFirst => [],
        };
    }
}
