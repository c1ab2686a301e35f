<?php

declare(strict_types=1);

namespace App\Http\Controllers\Salon;

use App\Http\Answer;
use App\Http\Requests\SalonRequest;
use App\Http\Resources\Iso;
use App\Models\SalonVersion;
use App\Salon\Countries;
use App\Salon\Done;
use App\Salon\HouseLog;
use App\Salon\Salon;
use App\Salon\SalonBook;

/** What the salon says of itself. */
final class SalonController
{
    public function show(): Answer
    {
        return $this->answer(SalonVersion::current());
    }

    public function update(SalonRequest $request, SalonBook $book): Answer
    {
        $version = $book->change($request->integer('base'), $request->salon(), $request->user());
        if ($version->version !== $request->integer('base')) {
            HouseLog::note(Done::SalonChanged, $request->user());
        }

        return $this->answer($version);
    }

    private function answer(?SalonVersion $version): Answer
    {
        return new Answer([
            'version' => $version->version ?? 0,
            'since' => $version === null ? null : Iso::of($version->created_at),
            'by' => $version?->staff?->name,
            'isDemo' => (bool) config('salon.demo'),
            'salon' => Salon::fromConfig()->toArray(),
            'countries' => Countries::in(app()->getLocale()),
        ]);
    }
}
