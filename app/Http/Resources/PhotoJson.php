<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Photo;
use App\Visits\OpenVisit;
use Illuminate\Support\Collection;

/** Photos as the screens show them: what they show, and where the picture was erased, by whom and why. */
final class PhotoJson
{
    /**
     * Today's photos, the last visit's for comparison, and those of findings that are still open.
     *
     * @param Collection<string, string> $names of the staff, by id
     *
     * @return list<array<string, mixed>> the oldest first
     */
    public static function around(OpenVisit $open, ?string $lastVisitId, Collection $names): array
    {
        $photos = Photo::query()
            ->whereIn('visit_id', array_filter([$open->visit->id, $lastVisitId]))
            ->orWhere(fn($carried) => $carried->where('dog_id', $open->visit->dog_id)->whereIn('finding_id', $open->carried->pluck('id')))
            ->orderBy('taken_at')->orderBy('id')
            ->get();

        return array_values($photos->map(fn(Photo $photo): array => self::of($photo, $open->visit->id, $names))->all());
    }

    /**
     * Every photo of a dog whose picture is still there.
     *
     * @param Collection<string, string> $names of the staff, by id
     *
     * @return list<array<string, mixed>> the oldest first
     */
    public static function ofDog(string $dogId, Collection $names): array
    {
        $photos = Photo::query()->where('dog_id', $dogId)->whereNull('deleted_at')->orderBy('taken_at')->orderBy('id')->get();

        return array_values($photos->map(fn(Photo $photo): array => self::of($photo, '', $names))->all());
    }

    /**
     * @param Collection<string, string> $names
     *
     * @return array<string, mixed>
     */
    private static function of(Photo $photo, string $visitId, Collection $names): array
    {
        return [
            'id' => $photo->id,
            'section' => $photo->section,
            'findingId' => $photo->finding_id,
            'moment' => $photo->moment->value,
            'widthPx' => $photo->width_px,
            'heightPx' => $photo->height_px,
            'at' => Iso::of($photo->taken_at),
            'by' => $names[$photo->staff_id] ?? '',
            'earlierVisit' => $photo->visit_id !== $visitId,
            'erased' => $photo->deleted_at === null ? null : [
                'at' => Iso::of($photo->deleted_at),
                'by' => $names[$photo->deleted_by ?? ''] ?? '',
                'reason' => $photo->deleted_because,
            ],
        ];
    }
}
