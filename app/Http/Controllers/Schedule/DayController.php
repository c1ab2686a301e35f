<?php

declare(strict_types=1);

namespace App\Http\Controllers\Schedule;

use App\Clients\ToPassOn;
use App\Http\Answer;
use App\Http\Requests\DayRequest;
use App\Http\Resources\DayJson;
use App\Models\HouseRulesVersion;
use App\Schedule\DayVisits;
use App\Visits\ClockBook;
use Carbon\CarbonImmutable;

final class DayController
{
    public function __invoke(DayRequest $request, ClockBook $clocks): Answer
    {
        $day = $request->day()->toDateString();
        $rows = DayVisits::on($day, $request->isToday());

        return new Answer(['toPassOn' => $request->user()->role->decides() ? ToPassOn::all()->count() : 0, ...DayJson::of(
            $day,
            $request->today()->toDateString(),
            $rows,
            HouseRulesVersion::current()->toCore()->effort,
            $clocks->all(),
            CarbonImmutable::now(),
        )]);
    }
}
