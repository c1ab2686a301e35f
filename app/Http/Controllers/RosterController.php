<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Days\RosterBook;
use App\House\Done;
use App\House\HouseLog;
use App\Http\Answer;
use App\Http\Requests\RosterRequest;

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
