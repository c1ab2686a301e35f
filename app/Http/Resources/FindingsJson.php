<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Finding;
use App\Visits\OpenVisit;
use Illuminate\Support\Collection;

/** What was found on the skin, and is open or was closed on this visit. */
final readonly class FindingsJson
{
    /**
     * @param Collection<string, string> $names of the staff, by id
     *
     * @return list<array<string, mixed>> earlier visits' open findings first, then today's
     */
    public static function of(OpenVisit $open, Collection $names): array
    {
        $closed = $open->state->findings->closed;
        $carried = $open->carried->map(fn(Finding $finding): array => [
            'id' => $finding->id,
            'section' => $finding->section->value,
            'kind' => $finding->kind->value,
            'spot' => $finding->spot,
            'referral' => $finding->kind->referral()?->value,
            'note' => $finding->note,
            'sizeMm' => $finding->size_mm,
            'at' => Iso::of($finding->noted_at),
            'by' => $names[$finding->noted_by] ?? '',
            'earlierVisit' => true,
            'closed' => isset($closed[$finding->id]),
        ])->all();
        foreach ($open->state->findings->noted as $id => $finding) {
            $carried[] = [
                'id' => $id,
                'section' => $finding->section?->value,
                'kind' => $finding->what->kind->value,
                'spot' => $finding->what->isSpot,
                'referral' => $finding->what->kind->referral()?->value,
                'note' => $finding->what->note,
                'sizeMm' => $finding->what->sizeMm,
                'at' => Iso::of($finding->at),
                'by' => $names[$finding->by] ?? '',
                'earlierVisit' => false,
                'closed' => isset($closed[$id]),
            ];
        }

        return array_values($carried);
    }
}
