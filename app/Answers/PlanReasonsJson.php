<?php

declare(strict_types=1);

namespace App\Answers;

use App\Visits\OpenVisit;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Marks\Mark;
use HoundCheck\Core\Plan\PlanReasons;
use Illuminate\Support\Collection;

/** Why each section is treated as it is, and what the blades found there. */
final readonly class PlanReasonsJson
{
    /** @return array<string, array<string, mixed>> by section id */
    public static function of(OpenVisit $open): array
    {
        $reasons = [];
        foreach (PlanReasons::of($open->fromHere, $open->totals->choices) as $id => $reason) {
            $reasons[$id] = [
                'why' => $reason->why->value,
                'bar' => $reason->bar?->value,
                'liftMm' => $reason->liftMm,
                'openingTension' => $reason->openingTension,
                'sparedTension' => $reason->sparedTension,
                'matches' => $reason->matches?->value,
                'changes' => array_column($reason->changes, 'value'),
            ];
        }

        return $reasons;
    }

    /**
     * @param Collection<string, string> $names of the staff, by id
     *
     * @return array<string, mixed>
     */
    public static function blades(OpenVisit $open, Section $section, Collection $names): array
    {
        $test = $open->state->bladeTest($section, $open->rules);

        return [
            'tries' => array_map(fn(Mark $tried): array => [
                'id' => $tried->id,
                'mm' => $tried->what->try->mm,
                'result' => $tried->what->try->result->value,
                'at' => Iso::of($tried->at),
                'by' => $names[$tried->by] ?? '',
            ], $open->state->bladeTries[$section->value] ?? []),
            'next' => $test->next($open->fromHere->case->dog->lengthMm($section)),
            'needsAVet' => $test->needsAVet(),
        ];
    }
}
