<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\House\Done;
use App\House\HouseLog;
use App\House\QuickChange;
use App\Http\Requests\RecordMarksRequest;
use App\Http\Resources\TakenJson;
use App\Models\Visit;
use App\Visits\MarkAnswer;
use App\Visits\VisitDesk;
use HoundCheck\Core\Marks\Kinds\PhotoDeleted;
use HoundCheck\Core\Marks\Mark;
use Illuminate\Http\JsonResponse;

final class MarkController
{
    public function __invoke(RecordMarksRequest $request, Visit $visit, VisitDesk $desk, TakenJson $json): JsonResponse
    {
        $isByPin = QuickChange::isBehind($request);
        $all = $desk->record($visit, $request->marks(), $request->user(), $request->sentAt()?->toDateTimeImmutable(), isByPin: $isByPin);

        $taken = array_column(array_filter($all->answers, fn(MarkAnswer $answer): bool => $answer->wasTaken()), 'id');
        $erased = array_filter($request->marks(), fn(Mark|MarkAnswer $one): bool => $one instanceof Mark && $one->what instanceof PhotoDeleted);
        foreach (array_intersect(array_column($erased, 'id'), $taken) as $ignored) {
            HouseLog::note(Done::PhotoErased, $request->user(), ['dog' => $visit->dog->name]);
        }

        return $json->answer($all, ['marks' => array_map(fn(MarkAnswer $answer): array => $answer->toArray(), $all->answers)]);
    }
}
