<?php

declare(strict_types=1);

namespace App\Http\Controllers\Clients;

use App\Clients\OwnerDesk;
use App\Clients\RestingPlaces;
use App\Http\Answer;
use App\Http\Resources\Iso;
use App\Models\OwnerPlan;
use App\Words\Words;
use Carbon\CarbonImmutable;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;

/** The owner's page at home: reached by a signed link that expires and can be withdrawn, without an account. */
final class OwnerPageController
{
    public function show(OwnerPlan $plan): Answer
    {
        $this->refuseIfWithdrawn($plan);
        $ticks = DB::table('owner_ticks')->where('owner_plan_id', $plan->id)->orderBy('day')->orderBy('place')->get(['place', 'day']);

        return new Answer([
            ...$plan->shown,
            // What is open on the skin by now is not brushed, whatever was sent.
            ...RestingPlaces::now($plan),
            'language' => $plan->dog->client->speaks(),
            'givenAt' => Iso::of($plan->created_at),
            'ticks' => $ticks->map(fn(\stdClass $tick): array => ['place' => $tick->place, 'day' => substr($tick->day, 0, 10)])->all(),
        ]);
    }

    public function tick(Request $request, OwnerPlan $plan, OwnerDesk $desk): Response
    {
        $this->refuseIfWithdrawn($plan);
        $today = CarbonImmutable::now();
        $told = $request->validate([
            'place' => ['required', 'string', Rule::in(array_column($plan->shown['places'], 'part'))],
            'day' => [
                'bail',
                'required',
                'date_format:Y-m-d',
                'after_or_equal:'.$plan->created_at->subDay()->toDateString(),
                'before_or_equal:'.$today->addDay()->toDateString(),
            ],
            'done' => ['required', 'boolean'],
        ]);
        $desk->tick($plan, $told['place'], $told['day'], (bool) $told['done']);

        return response()->noContent();
    }

    private function refuseIfWithdrawn(OwnerPlan $plan): void
    {
        abort_if($plan->withdrawn_at !== null, 403, Words::of('clients.link_over', [], $plan->dog->client->speaks()));
    }
}
