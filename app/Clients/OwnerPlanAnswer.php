<?php

declare(strict_types=1);

namespace App\Clients;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Coat\Tools;
use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\Memory\NextVisit;
use HoundCheck\Core\Owner\OwnersPlan;
use HoundCheck\Core\Owner\PlannedWork;
use HoundCheck\Core\Plan\Price;

/** What an owner brushes at home, as salon and owner see it: places in the order of the salon's route, left and right as one. */
final readonly class OwnerPlanAnswer
{
    /** @return array<string, mixed> minutes, expected places, cents */
    public static function of(NextVisit $next, OwnersPlan $plan, HouseRules $rules): array
    {
        $dog = $next->dog;
        $tools = Tools::for($dog->coat, $dog->primitive, $next->coat->coatMm, Section::Back->part(), $rules->table->fineCombMm);
        $price = fn(PlannedWork $work): int => Price::of($rules->prices, $dog->weightKg, $work->matMinutes, [])->totalCents;

        return [
            'minutes' => $plan->minutes->budget,
            'sessions' => $plan->minutes->sessionsAWeek,
            'weeks' => $plan->weeks,
            'places' => self::places($plan, $rules),
            'brush' => $tools->brush->value,
            'fineComb' => $tools->fineComb,
            'tanglesWithout' => $plan->tanglesWithout,
            'tanglesWith' => $plan->tanglesWith,
            'savesMinutes' => $plan->without->minutes - $plan->with->minutes,
            'savesPulling' => $plan->without->tension - $plan->with->tension,
            'savesCents' => $price($plan->without) - $price($plan->with),
        ];
    }

    /** @return list<array{part: string, sections: list<string>, minutes: float}> */
    private static function places(OwnersPlan $plan, HouseRules $rules): array
    {
        $places = [];
        foreach ($rules->schools->sections() as $section) {
            if (in_array($section, $plan->sections, true)) {
                $part = $section->part()->value;
                $places[$part]['part'] = $part;
                $places[$part]['sections'][] = $section->value;
                $places[$part]['minutes'] = ($places[$part]['minutes'] ?? 0.0) + $plan->tenths[$section->value] / 10;
            }
        }

        return array_values($places);
    }
}
