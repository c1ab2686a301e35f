<?php

declare(strict_types=1);

namespace App\Http\Controllers\Schedule;

use App\Clients\SalonTime;
use App\Http\Answer;
use App\Http\Requests\YourTimeRequest;
use App\Http\Resources\Iso;
use App\Models\Appointment;
use App\Schedule\AppointmentCalendar;
use App\Schedule\AppointmentDesk;
use App\Schedule\AppointmentWord;
use App\Schedule\SentAct;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Day\AppointmentState;
use Illuminate\Http\Response;

/** The client's page of an appointment: reached by a signed link until the day is over, without signing in. */
final readonly class YourTimeController
{
    public function __construct(private AppointmentDesk $desk) {}

    public function show(Appointment $appointment): Answer
    {
        return $this->page($appointment);
    }

    public function answer(YourTimeRequest $request, Appointment $appointment): Answer
    {
        // The appointment stands in for the device.
        $sent = new SentAct($request->string('id')->upper()->toString(), $request->act(), CarbonImmutable::now(), $appointment->id);

        return $this->page($this->desk->act($appointment, $sent, $request->integer('after'), null));
    }

    public function calendar(Appointment $appointment, AppointmentCalendar $calendar): Response
    {
        $file = $calendar->forClient($appointment->load('dog.client'));
        abort_if($file === null, 404);

        return new Response($file, 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="appointment.ics"',
        ]);
    }

    private function page(Appointment $appointment): Answer
    {
        $appointment->load('dog.client');
        $language = $appointment->dog->client->speaks();
        $starts = $appointment->starts_at;
        $said = fn(?CarbonImmutable $at): ?string => $at === null ? null : SalonTime::clock($at, $language);

        return new Answer([
            'salon' => config('salon.name'),
            'phone' => config('salon.phone'),
            'dog' => $appointment->dog->name,
            'language' => $language,
            'state' => $appointment->state->value,
            'over' => $appointment->state === AppointmentState::Booked && $starts?->isPast() === true,
            'startsAt' => Iso::of($starts),
            // By the salon's clock, wherever the telephone is.
            'day' => $starts === null ? null : SalonTime::day($starts, $language),
            'time' => $said($starts),
            'promised' => $said($appointment->promised_at),
            'confirmed' => $appointment->confirmed,
            'asked' => $appointment->asked,
            'number' => $appointment->last_number,
            'calendar' => $starts === null || $appointment->state !== AppointmentState::Booked
                ? null
                : AppointmentWord::signed(AppointmentWord::CALENDAR, $appointment, $starts),
        ]);
    }
}
