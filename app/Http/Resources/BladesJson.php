<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Visits\OpenVisit;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Marks\Mark;
use Illuminate\Support\Collection;

/** What the blades found at a section. */
final readonly class BladesJson
{
    /**
     * @param Collection<string, string> $names of the staff, by id
     *
     * @return array<string, mixed>
     */
    public static function of(OpenVisit $open, Section $section, Collection $names): array
    {
        $test = $open->state->planned->bladeTest($section, $open->rules);

        return [
            'tries' => array_map(fn(Mark $tried): array => [
                'id' => $tried->id,
                'mm' => $tried->what->try->mm,
                'result' => $tried->what->try->result->value,
                'at' => Iso::of($tried->at),
                'by' => $names[$tried->by] ?? '',
            ], $open->state->planned->tries[$section->value] ?? []),
            'next' => $test->next($open->fromHere->case->dog->lengthMm($section)),
            'needsAVet' => $test->needsAVet(),
        ];
    }
}
