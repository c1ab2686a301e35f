<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\DayRequest;
use App\Http\Resources\DayJson;
use App\Models\Visit;
use Illuminate\Http\JsonResponse;

final class DayController
{
    public function __invoke(DayRequest $request): JsonResponse
    {
        $day = $request->day();
        $visits = Visit::query()
            ->with(['dog:id,client_id,name,breed,born_on,mind', 'dog.client:id,name', 'groomer:id,name'])
            ->where('day', $day->toDateString())
            // A dog that nobody closed the day before is still here.
            ->when($request->isToday(), fn($query) => $query->orWhere(fn($left) => $left->whereNull('closed_at')->where('day', '<', $day->toDateString())))
            ->get();

        return new JsonResponse(DayJson::of($day, $visits));
    }
}
