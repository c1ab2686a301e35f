<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan;

use HoundCheck\Core\Coat\CoatType;
use HoundCheck\Core\Coat\Section;

/** How long a clipped coat grows back to a length: a range, and a rule of thumb. A double coat gives no range, a smooth one none at all. */
final readonly class Regrowth
{
    private const DAYS_A_MONTH = 30.4;

    private function __construct(public float $fewestWeeks, public float $mostWeeks) {}

    /**
     * (wanted − left) / rate; rates in mm a month of 30.4 days: silky, curly, mixed 8–15, wire 8–12.
     *
     * @return self|null null: a double coat may regrow unevenly, or take a year or more; a smooth one is not waited for
     */
    public static function of(CoatType $coat, float $wantedMm, float $leftMm): ?self
    {
        $rate = match ($coat) {
            CoatType::Double, CoatType::Smooth => null,
            CoatType::Wire => [8.0, 12.0],
            CoatType::Silky, CoatType::Curly, CoatType::Mixed => [8.0, 15.0],
        };
        if ($rate === null) {
            return null;
        }
        $missing = max(0.0, $wantedMm - $leftMm);
        $weeks = self::DAYS_A_MONTH / 7;

        return new self($missing / $rate[1] * $weeks, $missing / $rate[0] * $weeks);
    }

    /** To what the client wants there; where that is nothing, or more than the dog has: to what the dog has now. */
    public static function at(CoatReport $report, Section $section, float $leftMm): ?self
    {
        $now = $report->case->dog->lengthMm($section);

        return self::of($report->case->dog->coat, min($report->case->wantedAt($section) ?? $now, $now), $leftMm);
    }

    /**
     * Until what shows is back at the wanted length: of the places that show, the one that takes longest.
     *
     * @return self|null null: nothing that shows is clipped, or a double coat, which gives no range
     */
    public static function longest(CoatReport $report, Choices $choices): ?self
    {
        $longest = null;
        foreach ($choices->bySection as $id => $treatment) {
            $section = Section::from($id);
            if ($treatment->clipMm === null || $section->facts()->seen <= $report->rules->plan->hiddenSeen) {
                continue;
            }
            $weeks = self::at($report, $section, $treatment->clipMm);
            if ($weeks !== null && $weeks->mostWeeks > ($longest->mostWeeks ?? 0.0)) {
                $longest = $weeks;
            }
        }

        return $longest;
    }
}
