<?php

declare(strict_types=1);

namespace App\Http\Controllers\Clients;

use App\Clients\OwnerDesk;
use App\Clients\RestingPlaces;
use App\Http\Answer;
use App\Http\Requests\OwnerMinutesRequest;
use App\Http\Resources\Iso;
use App\Models\OwnerPlan;
use App\Models\Visit;
use App\Salon\Done;
use App\Salon\HouseLog;
use App\Words\Words;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The owner's plan for home, in the salon. */
final class OwnerPlanController
{
    public function show(OwnerMinutesRequest $request, Visit $visit, OwnerDesk $desk): Answer
    {
        $given = OwnerPlan::query()->where('visit_id', $visit->id)->whereNull('withdrawn_at')->orderByDesc('created_at')->first();

        return new Answer([
            ...$desk->plan($visit, $request->minutes()),
            'given' => $given === null ? null : [
                'id' => $given->id,
                'minutes' => $given->shown['minutes'],
                'sessions' => $given->shown['sessions'],
                'at' => Iso::of($given->created_at),
                'until' => Iso::of($given->expires_at),
                'leftOutSince' => RestingPlaces::leftOutSince($given),
            ],
        ]);
    }

    public function store(OwnerMinutesRequest $request, Visit $visit, OwnerDesk $desk): Answer
    {
        abort_unless($request->user()->role->decides(), 403, Words::of('refusals.needs_a_groomer'));
        $request->validate(['id' => ['required', 'ulid']]);
        $plan = $desk->give($visit, $request->string('id')->upper()->toString(), $request->minutes(), $request->user());

        return new Answer(['id' => $plan->id, 'expiresAt' => Iso::of($plan->expires_at)], 201);
    }

    public function destroy(Request $request, OwnerPlan $plan, OwnerDesk $desk): Response
    {
        abort_unless($request->user()->role->decides(), 403, Words::of('refusals.needs_a_groomer'));
        $desk->withdraw($plan);
        HouseLog::note(Done::HomePlanWithdrawn, $request->user(), ['dog' => Visit::query()->findOrFail($plan->visit_id)->dog->name]);

        return response()->noContent();
    }
}
