<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Answers\KeptAnswers;
use App\Appointments\AppointmentDesk;
use App\Database\OneByOne;
use App\Http\Requests\OpenVisitRequest;
use App\Models\Dog;
use App\Models\Visit;
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

        $revision = $answers->revision($visit);

        return self::answer($answers->of($visit, $revision), $revision, 201);
    }

    /**
     * Nothing but 304 while everything that the visit is drawn from is as it was: its marks, the day, the dog's card, clocks and rules of
     * reckoning.
     */
    public function show(Request $request, Visit $visit, KeptAnswers $answers): Response
    {
        $revision = $answers->revision($visit);
        if (in_array("\"{$revision}\"", $request->getETags(), true)) {
            return (new Response('', 304))->setEtag($revision);
        }

        return self::answer($answers->of($visit, $revision), $revision, 200);
    }

    private static function answer(string $json, string $revision, int $status): JsonResponse
    {
        return (new JsonResponse($json, $status, json: true))->setEtag($revision);
    }
}
