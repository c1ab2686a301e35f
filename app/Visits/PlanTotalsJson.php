<?php

declare(strict_types=1);

namespace App\Visits;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Plan\PlanTotals;

/** Plan totals as the API gives them and as a shown plan keeps them. */
final class PlanTotalsJson
{
    /** @return array<string, mixed> */
    public static function of(PlanTotals $totals): array
    {
        $ids = fn(array $sections): array => array_map(fn(Section $section): string => $section->value, $sections);

        return [
            'minutes' => $totals->minutes,
            'tension' => $totals->tensionMinutes,
            'matMinutes' => $totals->matMinutes,
            'coatKept' => $totals->keepShare,
            'fitsSlot' => $totals->fitsSlot,
            'fitsTolerance' => $totals->fitsTolerance,
            'complete' => $totals->isComplete(),
            'undecided' => $ids($totals->undecided),
            'noLongerOffered' => $ids($totals->notOnOffer),
            'beyondPermission' => $ids($totals->beyondPermission),
        ];
    }
}
