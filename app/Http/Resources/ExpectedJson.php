<?php

declare(strict_types=1);

namespace App\Http\Resources;

use HoundCheck\Core\Memory\Expected;

/** What a dog is expected to come in with, as the API tells it: said before the comb touches it. */
final class ExpectedJson
{
    /** @return array<string, mixed>|null */
    public static function of(?Expected $expected): ?array
    {
        return $expected === null ? null : [
            'days' => $expected->days,
            'tangles' => $expected->tangles,
            'mats' => $expected->mats,
            'minutes' => $expected->minutes,
            'pulling' => $expected->tension,
            'own' => $expected->isOwn,
        ];
    }
}
