<?php

declare(strict_types=1);

namespace App\Http\Controllers\Visits;

use App\Database\OneByOne;
use App\Http\Requests\OpenVisitRequest;
use App\Http\Resources\KeptAnswers;
use App\Models\Dog;
use App\Models\Visit;
use App\Schedule\AppointmentDesk;
use App\Visits\VisitDesk;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Response;

final class VisitController
{
    public function store(OpenVisitRequest $request, VisitDesk $desk, AppointmentDesk $appointments, KeptAnswers $answers): Response
    {
        $dog = Dog::query()->findOrFail($request->string('dogId')->upper()->toString());
        $visit = DB::transaction(function () use ($request, $desk, $appointments, $dog): Visit {
            OneByOne::dog($dog->id);
            $arrival = $request->arrival();
            // Whoever is booked for today has come for that, whichever way the dog was checked in.
            $due = $appointments->dueOn($dog->id, $arrival->at);
            $visit = $desk->open($arrival->promising($due?->promised_at), $dog, $request->user());
            if ($due !== null) {
                $appointments->arrived($due, $visit, $arrival->device, $request->user());
            }

            return $visit;
        });

        return self::answer($answers->of($visit), 201);
    }

    /** Nothing but 304 while everything that the visit is drawn from is as it was. */
    public function show(Request $request, Visit $visit, KeptAnswers $answers): Response
    {
        $known = array_values(array_map(fn(string $etag): string => trim($etag, '"'), $request->getETags()));

        return self::answer($answers->of($visit, $known), 200);
    }

    /** @param array{string|null, string|null} $answer and its revision */
    private static function answer(array $answer, int $status): Response
    {
        [$json, $revision] = $answer;
        $response = $json === null ? new Response('', 304) : new JsonResponse($json, $status, json: true);

        return $revision === null ? $response : $response->setEtag($revision);
    }
}
