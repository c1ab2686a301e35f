<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Visits\OpenVisit;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Plan\Choices;
use HoundCheck\Core\Plan\Price;
use HoundCheck\Core\Plan\Regrowth;

/** What a plan costs the client: money, and time until the coat is back. */
final readonly class PlanCostJson
{
    public static function price(OpenVisit $open, Choices $choices): Price
    {
        $matMinutes = 0.0;
        foreach ($choices->bySection as $id => $treatment) {
            $matMinutes += ($open->report->options[$id] ?? null)?->find($treatment)->matMinutes ?? 0.0;
        }

        return Price::of($open->rules->prices, $open->report->case->dog->weightKg, $matMinutes, $open->state->answers->extras ?? []);
    }

    /** @return array<string, mixed> */
    public static function priceJson(Price $price): array
    {
        return [
            'baseCents' => $price->baseCents,
            'startedQuarters' => $price->startedQuarters,
            'matCents' => $price->matCents,
            'extraCents' => (object) $price->extraCents,
            'totalCents' => $price->totalCents,
        ];
    }

    /**
     * Until what shows is back at the wanted length: of the places that show, the one that takes longest.
     *
     * @return array{from: float, to: float}|null null: nothing that shows is clipped, or a double coat, which gives no range
     */
    public static function regrowthWeeks(OpenVisit $open, Choices $choices): ?array
    {
        $longest = null;
        foreach ($choices->bySection as $id => $treatment) {
            $section = Section::from($id);
            if ($treatment->clipMm === null || $section->facts()->seen <= $open->rules->plan->hiddenSeen) {
                continue;
            }
            $weeks = self::sectionWeeks($open, $section, $treatment->clipMm);
            if ($weeks !== null && $weeks->mostWeeks > ($longest->mostWeeks ?? 0.0)) {
                $longest = $weeks;
            }
        }

        return self::range($longest);
    }

    public static function sectionWeeks(OpenVisit $open, Section $section, float $leftMm): ?Regrowth
    {
        $dog = $open->report->case->dog;
        $wanted = min($open->state->answers->wantedMm ?? $dog->lengthMm($section), $dog->lengthMm($section));

        return Regrowth::of($dog->coat, $wanted, $leftMm);
    }

    /** @return array{from: float, to: float}|null */
    public static function range(?Regrowth $regrowth): ?array
    {
        return $regrowth === null ? null : ['from' => $regrowth->fewestWeeks, 'to' => $regrowth->mostWeeks];
    }
}
