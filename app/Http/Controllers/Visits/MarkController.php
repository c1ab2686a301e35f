<?php

declare(strict_types=1);

namespace App\Http\Controllers\Visits;

use App\Http\Requests\RecordMarksRequest;
use App\Http\Resources\TakenJson;
use App\Models\Visit;
use App\Salon\Done;
use App\Salon\HouseLog;
use App\Salon\QuickChange;
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

        return $json->answer($request, $all, ['marks' => array_map(fn(MarkAnswer $answer): array => $answer->toArray(), $all->answers)]);
    }
}
