<?php

declare(strict_types=1);

namespace App\Visits;

use HoundCheck\Core\Visit\LeftForLater;

/** Work that is divided among several visits, as groomer and client are told. */
final class SplitJson
{
    /** @return array<string, mixed>|null null: all is done in this visit */
    public static function of(OpenVisit $open): ?array
    {
        $continues = LeftForLater::after($open->state);

        return $continues === null ? null : [
            'visit' => $continues->visit - 1,
            'of' => $continues->of,
            'later' => array_column($continues->left, 'value'),
            'daysFrom' => $open->rules->plan->daysApartFrom,
            'daysTo' => $open->rules->plan->daysApartTo,
        ];
    }
}
