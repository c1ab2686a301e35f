<?php

declare(strict_types=1);

namespace App\Http\Controllers\Schedule;

use App\Schedule\AppointmentCalendar;
use App\Schedule\CalendarDesk;
use Illuminate\Http\Response;

/** Appointments for a calendar that knows the secret address. */
final readonly class CalendarFeedController
{
    public function __invoke(string $secret, CalendarDesk $desk, AppointmentCalendar $calendar): Response
    {
        $feed = $desk->feedOf($secret) ?? abort(404);

        return new Response($calendar->feed($feed->staff_id), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => 'inline; filename="appointments.ics"',
            'Cache-Control' => 'private, max-age=300',
        ]);
    }
}
