<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\OpenVisitRequest;
use App\Models\Dog;
use App\Models\Visit;
use App\Visits\VisitDesk;
use App\Visits\VisitPictures;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class VisitController
{
    public function store(OpenVisitRequest $request, VisitDesk $desk, VisitPictures $pictures): JsonResponse
    {
        $visit = $desk->open(
            $request->string('id')->upper()->toString(),
            $request->string('markId')->upper()->toString(),
            Dog::query()->findOrFail($request->string('dogId')->toString()),
            $request->user(),
            CarbonImmutable::parse($request->string('at')->toString())->utc(),
            $request->string('device')->toString(),
            $request->filled('promisedAt') ? CarbonImmutable::parse($request->string('promisedAt')->toString())->utc() : null,
            $request->filled('slotMinutes') ? $request->integer('slotMinutes') : null,
        );

        return new JsonResponse($pictures->of($visit), 201, json: true);
    }

    /** With `?since=N`: nothing but the number when no mark came after N. */
    public function show(Request $request, Visit $visit, VisitPictures $pictures): JsonResponse
    {
        if ($request->query('since') === (string) $visit->last_number) {
            return new JsonResponse(['number' => $visit->last_number, 'unchanged' => true]);
        }

        return new JsonResponse($pictures->of($visit), json: true);
    }
}
