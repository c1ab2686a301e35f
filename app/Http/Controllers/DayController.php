<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Clocks\ClockBook;
use App\Days\DayVisits;
use App\Http\Answer;
use App\Http\Requests\DayRequest;
use App\Http\Resources\DayJson;
use App\Models\HouseRulesVersion;
use Carbon\CarbonImmutable;

final class DayController
{
    public function __invoke(DayRequest $request, ClockBook $clocks): Answer
    {
        $day = $request->day()->toDateString();
        $rows = DayVisits::on($day, $request->isToday());

        return new Answer(DayJson::of(
            $day,
            $request->today()->toDateString(),
            $rows,
            HouseRulesVersion::current()->toCore()->effort,
            $clocks->all(),
            CarbonImmutable::now(),
        ));
    }
}
