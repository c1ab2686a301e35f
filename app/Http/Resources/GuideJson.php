<?php

declare(strict_types=1);

namespace App\Http\Resources;

use HoundCheck\Core\CombCheck\AnswerBands;
use HoundCheck\Core\CombCheck\FindingKind;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\CombCheck\Grading;
use HoundCheck\Core\CombCheck\Guide;
use HoundCheck\Core\CombCheck\GuideStep;

/** The comb check worked out beforehand: a screen looks the answer up and computes nothing itself. */
final class GuideJson
{
    /** @return array<string, mixed> */
    public static function of(Guide $guide): array
    {
        $outcomes = $steps = [];
        foreach ($guide->steps() as $key => $step) {
            $outcome = self::step($step);
            $index = array_search($outcome, $outcomes, true);
            $steps[$key] = $index === false ? array_push($outcomes, $outcome) - 1 : $index;
        }

        return [
            'fields' => $guide->fields(),
            'bands' => AnswerBands::THRESHOLDS,
            'outcomes' => $outcomes,
            'steps' => $steps,
            'referrals' => array_combine(
                array_column(FindingKind::cases(), 'value'),
                array_map(fn(FindingKind $kind): ?string => $kind->referral()?->value, FindingKind::cases()),
            ),
        ];
    }

    /** @return array<string, mixed> */
    public static function step(GuideStep $step): array
    {
        return [
            ...self::grading($step->grading),
            'asks' => $step->asks?->value,
            'possible' => array_map(fn(Grade $grade): int => $grade->value, $step->possible),
        ];
    }

    /** @return array{verdict: string, grade: int|null, rule: string} */
    private static function grading(Grading $grading): array
    {
        return ['verdict' => $grading->verdict->value, 'grade' => $grading->grade?->value, 'rule' => $grading->rule->value];
    }
}
