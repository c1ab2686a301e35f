<?php

declare(strict_types=1);

namespace App\Http\Controllers\Schedule;

use App\Database\ClientAddress;
use App\Http\Answer;
use App\Http\Requests\CalendarFileRequest;
use App\Http\Resources\Iso;
use App\Salon\Done;
use App\Salon\HouseLog;
use App\Schedule\BusyTimes;
use App\Schedule\CalendarDesk;
use App\Schedule\UnreadableCalendar;
use Carbon\CarbonImmutable;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** Calendars of the house: secret addresses to read appointments from, and files that say when somebody cannot work. */
final readonly class CalendarController
{
    /** So many of the times that were read are shown before they are kept. */
    private const SHOWN = 20;

    public function __construct(private CalendarDesk $desk) {}

    public function index(): Answer
    {
        return new Answer($this->desk->list());
    }

    public function open(Request $request): Answer
    {
        $request->validate(['person' => ['present', 'nullable', 'string', Rule::exists('staff', 'id')->where('active', true)]]);
        $person = $request->filled('person') ? $request->string('person')->toString() : null;
        $secret = $this->desk->open($person, $request->user());

        HouseLog::note(Done::CalendarOpened, $request->user());

        return new Answer([
            ...$this->desk->list(),
            'address' => route('calendar-feed', ['secret' => $secret, ...ClientAddress::salon()]),
        ], 201);
    }

    public function revoke(Request $request, string $feed): Response
    {
        $this->desk->revoke($feed);
        HouseLog::note(Done::CalendarShut, $request->user());

        return response()->noContent();
    }

    /** Reads a file; it is kept only if that is asked for. */
    public function read(CalendarFileRequest $request): Answer
    {
        $salon = new \DateTimeZone((string) config('salon.timezone'));
        try {
            $times = BusyTimes::read($request->text(), CarbonImmutable::now($salon)->startOfDay(), $salon);
            if ($times === []) {
                throw UnreadableCalendar::nothingInIt();
            }
        } catch (UnreadableCalendar $unreadable) {
            throw ValidationException::withMessages(['text' => [$unreadable->getMessage()]]);
        }
        if ($request->boolean('keep')) {
            $this->desk->keep($request->string('person')->toString(), $request->string('fileName')->toString(), $times, $request->user());
            HouseLog::note(Done::BusyTimesRead, $request->user(), ['times' => count($times)]);
        }

        return new Answer([
            ...$this->desk->list(),
            'count' => count($times),
            'times' => array_map(
                fn(array $time): array => ['from' => Iso::of($time[0]), 'until' => Iso::of($time[1])],
                array_slice($times, 0, self::SHOWN),
            ),
        ], $request->boolean('keep') ? 201 : 200);
    }

    public function remove(Request $request, string $import): Response
    {
        $this->desk->remove($import);
        HouseLog::note(Done::BusyTimesRemoved, $request->user());

        return response()->noContent();
    }
}
