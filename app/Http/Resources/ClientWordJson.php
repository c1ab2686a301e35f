<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Visits\OpenVisit;
use HoundCheck\Core\Visit\TermsNow;

/** A no of the client's that stands, or a yes that no longer holds, with what it rests on: said on plan and table. */
final class ClientWordJson
{
    /** @return array<string, mixed>|null null: nothing speaks against what was agreed */
    public static function of(OpenVisit $open): ?array
    {
        $consent = $open->report->consent();
        $agreement = $consent->agreement;
        $said = $agreement->no ?? ($consent->voidedBy === null ? null : $agreement->yes);
        if ($said === null) {
            return null;
        }

        return [
            'why' => $agreement->no === null ? $consent->voidedBy?->value : 'no',
            'who' => $said->what->who,
            'via' => $said->what->via->value,
            'at' => Iso::of($said->at),
            'agreedCents' => $agreement->agreed?->priceCents,
            'nowCents' => $agreement->agreed === null ? null : (new TermsNow($open->report))->priceOf($agreement->agreed),
        ];
    }
}
