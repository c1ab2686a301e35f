<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\ShownPlan;
use App\Models\Staff;
use App\Models\StoredMark;
use App\Models\Visit;
use App\Visits\OpenVisit;

/** The record of a visit: the visit and its plan as they stand, every mark in order, and the plans as they were shown. */
final class RecordJson
{
    /** @return array<string, mixed> */
    public static function of(Visit $visit): array
    {
        $open = OpenVisit::load($visit);
        $marks = $visit->marks()->with('staff:id,name,role')->get();
        $taking = $marks->map(fn(StoredMark $mark): ?string => $mark->payload['groomer'] ?? null)->filter();
        $names = $taking->isEmpty() ? collect() : Staff::query()->whereIn('id', $taking->unique()->all())->pluck('name', 'id');

        return [
            'visit' => VisitJson::of($open),
            'plan' => PlanJson::of($open),
            'houseRulesVersion' => $visit->house_rules_version,
            'timeline' => $marks->map(fn(StoredMark $mark): array => [
                'id' => $mark->id,
                'number' => $mark->number,
                'kind' => $mark->kind->value,
                'section' => $mark->section,
                'at' => Iso::of($mark->at),
                'deviceAt' => Iso::of($mark->device_at),
                'receivedAt' => Iso::of($mark->received_at),
                'by' => $mark->staff->name,
                'takenBy' => $names[$mark->payload['groomer'] ?? ''] ?? null,
                'payload' => (object) $mark->payload,
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
    }
}
