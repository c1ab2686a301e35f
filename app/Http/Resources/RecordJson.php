<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Http\Resources\Said\Decisions;
use App\Http\Resources\Said\Entries;
use App\Http\Resources\Said\FoundRows;
use App\Http\Resources\Said\WorkSaid;
use App\Models\ShownPlan;
use App\Models\Staff;
use App\Models\StoredMark;
use App\Models\Visit;
use App\Visits\OpenVisit;
use App\Words\Say;

/**
 * The record of a visit with its sentences: the visit and its plan as they stand, every mark in order, and the plans as they were shown.
 * What the screen, the print and the sheet say is said here once.
 */
final class RecordJson
{
    /** @return array<string, mixed> said in a language of `Languages` */
    public static function of(Visit $visit, string $language): array
    {
        $say = Say::in($language);
        $open = OpenVisit::load($visit);
        $marks = $visit->marks()->with('staff:id,name,role')->get();
        $taking = $marks->map(fn(StoredMark $mark): ?string => $mark->payload['groomer'] ?? null)->filter();
        $names = $taking->isEmpty() ? collect() : Staff::query()->whereIn('id', $taking->unique()->all())->pluck('name', 'id');

        $shown = VisitJson::of($open);
        $entries = new Entries($say);
        $decisions = new Decisions($say, $shown['home']['skipped']);
        $record = [
            'visit' => $shown,
            'plan' => PlanJson::of($open, $language),
            'houseRulesVersion' => $visit->house_rules_version,
            'timeline' => $marks->map(fn(StoredMark $mark): array => [
                'decision' => $decision = $decisions->of($mark, $names[$mark->payload['groomer'] ?? ''] ?? null),
                'said' => $entries->of($mark, $decision),
                'id' => $mark->id,
                'number' => $mark->number,
                'kind' => $mark->kind->value,
                'section' => $mark->section,
                'at' => Iso::of($mark->at),
                'deviceAt' => Iso::of($mark->device_at),
                'receivedAt' => Iso::of($mark->received_at),
                'by' => $mark->staff->name,
                'withdrawn' => $open->isWithdrawn($mark->id),
                'setApart' => $open->isSetApart($mark->id),
            ])->all(),
            'shownPlans' => ShownPlan::query()
                ->where('visit_id', $visit->id)
                ->orderBy('created_at')
                ->get()
                ->map(fn(ShownPlan $plan): array => [
                    'id' => $plan->id,
                    'at' => Iso::of($plan->created_at),
                    'choices' => (object) $plan->choices,
                    'totals' => $plan->totals,
                    'houseRulesVersion' => $plan->house_rules_version,
                    'coreVersion' => $plan->core_version,
                ])->all(),
        ];

        return [...$record, 'found' => (new FoundRows($say, $record))->rows(), 'work' => (new WorkSaid($say, $record))->sentence()];
    }
}
