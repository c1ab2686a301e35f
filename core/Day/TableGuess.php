<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Memory\Expected;
use HoundCheck\Core\Plan\Option;
use HoundCheck\Core\Visit\VisitReport;

/** Table minutes of a dog before its plan, uncorrected: what was combed as it was found, the rest as its clock expects it. */
final readonly class TableGuess
{
    /** @return float|null minutes; null: nothing is known yet, and the slot has to do */
    public static function of(VisitReport $visit, ?Expected $expected): ?float
    {
        $minutes = 0.0;
        $missing = count($visit->atInspection->toCheck());
        if ($missing > 0) {
            if ($expected === null) {
                return null;
            }
            $minutes = $expected->minutes * $missing / count(Section::cases());
        }
        foreach ($visit->atInspection->options as $offer) {
            $each = array_map(fn(Option $option): float => $option->minutes, $offer->offered);
            // Nobody has chosen yet: between the quickest and the longest way.
            $minutes += $each === [] ? 0.0 : (min($each) + max($each)) / 2;
        }

        return $minutes;
    }
}
