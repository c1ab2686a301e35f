<?php

declare(strict_types=1);

namespace App\Http\Controllers\Schedule;

use App\Http\Answer;
use App\Http\Requests\RosterRequest;
use App\Salon\Done;
use App\Salon\HouseLog;
use App\Schedule\RosterBook;

final readonly class RosterController
{
    public function __construct(private RosterBook $book) {}

    public function show(): Answer
    {
        return new Answer($this->book->read());
    }

    public function update(RosterRequest $request): Answer
    {
        $this->book->write($request->hours(), $request->daysOff(), $request->string('version')->toString());
        HouseLog::note(Done::HoursChanged, $request->user());

        return new Answer($this->book->read());
    }
}
