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

    /** @return array{from: float, to: float}|null until what shows is back at the wanted length */
    public static function regrowthWeeks(OpenVisit $open, Choices $choices): ?array
    {
        return self::range(Regrowth::longest($open->fromHere, $choices));
    }

    public static function sectionWeeks(OpenVisit $open, Section $section, float $leftMm): ?Regrowth
    {
        return Regrowth::at($open->fromHere, $section, $leftMm);
    }

    /** @return array{from: float, to: float}|null */
    public static function range(?Regrowth $regrowth): ?array
    {
        return $regrowth === null ? null : ['from' => $regrowth->fewestWeeks, 'to' => $regrowth->mostWeeks];
    }
}
