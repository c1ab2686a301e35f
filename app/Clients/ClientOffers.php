<?php

declare(strict_types=1);

namespace App\Clients;

use App\Models\Photo;
use App\Visits\OpenVisit;
use App\Visits\ReasonsJson;
use App\Visits\SplitJson;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\CombCheck\CoatTone;
use HoundCheck\Core\Home\AftercareAdvice;
use HoundCheck\Core\Plan\PlanTotals;
use HoundCheck\Core\Plan\Regrowth;
use HoundCheck\Core\Visit\Offer;
use HoundCheck\Core\Visit\Offers;

/** What a client is shown of a visit: the dog's coat in plain tones, the choices, money, time, and photos. No grades. */
final readonly class ClientOffers
{
    /** @return array<string, mixed> */
    public static function of(OpenVisit $open): array
    {
        $dog = $open->visit->dog;

        return [
            'dog' => $dog->name,
            'client' => $dog->client->name,
            'salon' => config('salon.name'),
            'currency' => config('salon.currency'),
            'coat' => self::coat($open),
            'double' => $open->fromHere->case->dog->coat->value === 'double',
            'route' => array_column($open->rules->schools->sections(), 'value'),
            'offers' => array_map(fn(Offer $offer): array => self::offer($open, $offer), Offers::of($open->report)),
            'consent' => $open->state->arrival->consent()->value,
            'split' => SplitJson::of($open),
            'feeLimitCents' => $open->state->arrival->answers->feeLimitCents,
            'photos' => Photo::query()
                ->where('visit_id', $open->visit->id)
                ->whereNull('deleted_at')
                ->orderBy('taken_at')
                ->limit(8)
                ->get(['id', 'section'])
                ->map(fn(Photo $photo): array => ['id' => $photo->id, 'section' => $photo->section])->all(),
        ];
    }

    /** @return array<string, string> by section id: combed, tangled or matted, in three plain tones */
    private static function coat(OpenVisit $open): array
    {
        $tones = [];
        foreach (Section::cases() as $section) {
            $tones[$section->value] = CoatTone::of($open->fromHere->grade($section))->value;
        }

        return $tones;
    }

    /** @return array<string, mixed> */
    private static function offer(OpenVisit $open, Offer $offer): array
    {
        $totals = PlanTotals::of($open->fromHere, $offer->choices);
        $regrowth = Regrowth::longest($open->fromHere, $offer->choices);

        $clipped = array_filter(
            ReasonsJson::of($open, $offer->choices),
            fn(string $id): bool => $offer->choices->for(Section::from($id))?->clipMm !== null,
            ARRAY_FILTER_USE_KEY,
        );

        return [
            // An object without a field would come back from the database as a list.
            ...($clipped === [] ? [] : ['reasons' => $clipped]),
            'id' => $offer->id,
            'aim' => $offer->aim->value,
            'choices' => $offer->choices->codes(),
            'keep' => $totals->keepShare,
            'minutes' => $totals->minutes,
            'tension' => $totals->tensionMinutes,
            'priceCents' => $open->price($offer->choices)->totalCents,
            'warnings' => array_column(
                AftercareAdvice::before($offer->choices, $open->fromHere->grades, $open->state->dog()->coat),
                'value',
            ),
            'regrowthWeeks' => $regrowth === null ? null : ['from' => $regrowth->fewestWeeks, 'to' => $regrowth->mostWeeks],
        ];
    }
}
