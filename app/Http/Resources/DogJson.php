<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Dog;
use Carbon\CarbonImmutable;

/** A dog's card. */
final class DogJson
{
    /** @return array<string, mixed> */
    public static function of(Dog $dog): array
    {
        return [
            'id' => $dog->id,
            'name' => $dog->name,
            'breed' => $dog->breed,
            'sex' => $dog->sex,
            'entire' => $dog->entire,
            'bornOn' => $dog->born_on->toDateString(),
            'ageMonths' => $dog->ageMonths(CarbonImmutable::now()),
            'coat' => $dog->coat->value,
            'primitive' => $dog->primitive,
            'coatMm' => $dog->coat_mm,
            'sectionMm' => (object) $dog->section_mm,
            'weightKg' => $dog->weight_kg,
            'temperament' => $dog->temperament->value,
            'health' => $dog->health,
            'mind' => $dog->mind,
            'toAsk' => array_keys($dog->to_ask ?? []),
            'proposed' => ['temperament' => $dog->to_ask['temperament'] ?? null, 'health' => $dog->to_ask['health'] ?? []],
            'naturalMm' => $dog->natural_mm,
            'standsMinutes' => $dog->stands_minutes,
            'liesDown' => (bool) $dog->lies_down,
            'onTheBack' => $dog->on_the_back?->value,
            'releaseWord' => $dog->release_word,
            'chinHold' => $dog->chin_hold,
            'kinks' => $dog->kinks,
            'client' => $dog->client->told(),
            'openVisitId' => $dog->open_visit_id,
            'lastVisitId' => $dog->visits_max_id,
            'lastVisitAt' => Iso::of($dog->visits_max_arrived_at === null ? null : CarbonImmutable::parse($dog->visits_max_arrived_at)),
        ];
    }
}
