<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Clocks\ClockBook;
use App\Http\Answer;
use App\Http\Requests\DayRequest;
use App\Http\Resources\DayJson;
use App\Models\HouseRulesVersion;
use App\Models\Visit;
use Carbon\CarbonImmutable;

final class DayController
{
    public function __invoke(DayRequest $request, ClockBook $clocks): Answer
    {
        $day = $request->day()->toDateString();
        // Plain rows: the list is asked for every few seconds by every tablet.
        $rows = Visit::query()
            ->join('dogs', 'dogs.id', '=', 'visits.dog_id')
            ->join('clients', 'clients.id', '=', 'dogs.client_id')
            ->leftJoin('staff', 'staff.id', '=', 'visits.groomer_id')
            ->where('visits.day', $day)
            // A dog that nobody closed the day before is still here.
            ->when(
                $request->isToday(),
                fn($query) => $query->orWhere(fn($left) => $left->whereNull('visits.closed_at')->where('visits.day', '<', $day)),
            )
            ->toBase()
            ->get([
                'visits.*',
                'dogs.name as dog_name',
                'dogs.breed',
                'dogs.born_on',
                'dogs.coat',
                'dogs.mind',
                'clients.name as client_name',
                'staff.name as groomer_name',
            ]);

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
