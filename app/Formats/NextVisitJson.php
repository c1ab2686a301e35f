<?php

declare(strict_types=1);

namespace App\Formats;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\Memory\IntervalForecast;
use HoundCheck\Core\Memory\KeepableCoat;
use HoundCheck\Core\Owner\OwnersPlan;

/** The next visit as `coat:next` prints it. Weeks, minutes, expected numbers of sections, chances and parts 0–1. */
final class NextVisitJson
{
    /** @return array<string, mixed> */
    public static function of(DogHistory $history): array
    {
        $next = $history->nextVisit;
        $forecast = $next->forecast();
        $recommended = $next->recommendedWeeks($forecast);
        $weeks = $next->weeksLookedAt($recommended);

        return [
            'log_factor_mean' => $next->clock->mean(),
            'log_factor_sd' => $next->clock->sd(),
            'forecast' => array_map(self::interval(...), $forecast),
            'recommended_weeks' => $recommended,
            'sections' => array_map(
                fn(array $chances): array => ['tangle' => $chances[Grade::Tangle->value], 'mat' => $chances[Grade::Mat->value]],
                $next->places($weeks),
            ),
            'keepable' => array_map(self::keepable(...), $next->keepable()),
            'owner_plan' => self::ownersPlan(OwnersPlan::of($next, $weeks, $history->ownersMinutes)),
        ];
    }

    /** @return array<string, int|float> */
    private static function interval(IntervalForecast $forecast): array
    {
        return [
            'weeks' => $forecast->weeks,
            'tangles' => $forecast->tangles,
            'mats' => $forecast->mats,
            'mats_seen' => $forecast->matsSeen,
            'tight' => $forecast->tight,
            'lost' => $forecast->lost,
            'minutes' => $forecast->minutes,
            'tension' => $forecast->tension,
        ];
    }

    /** @return array<string, mixed> */
    private static function keepable(KeepableCoat $field): array
    {
        $forecast = $field->forecast;

        return [
            'weeks' => $forecast->weeks,
            'mats_seen' => $forecast->matsSeen,
            'tension' => $forecast->tension,
            'lost' => $forecast->lost,
            'minutes' => $forecast->minutes,
            'length_mm' => $field->lengthMm,
            'home' => $field->home->value,
            'keepable' => $field->isKeepable,
        ];
    }

    /** @return array<string, mixed> */
    private static function ownersPlan(OwnersPlan $plan): array
    {
        $sections = array_map(fn(Section $section): string => $section->value, $plan->sections);
        sort($sections);

        return [
            'weeks' => $plan->weeks,
            'budget_minutes' => $plan->minutes->budget,
            'sessions_a_week' => $plan->minutes->sessionsAWeek,
            'sections' => $sections,
            'tangles_without' => $plan->tanglesWithout,
            'tangles_with' => $plan->tanglesWith,
        ];
    }
}
