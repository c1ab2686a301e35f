<?php

declare(strict_types=1);

namespace App\Http\Controllers\Schedule;

use App\Clients\Sender;
use App\Http\Answer;
use App\Http\Requests\AppointmentActRequest;
use App\Http\Resources\AppointmentJson;
use App\Models\Appointment;
use App\Models\Client;
use App\Models\Dog;
use App\Models\HouseRulesVersion;
use App\Schedule\ActNotTaken;
use App\Schedule\AppointmentBook;
use App\Schedule\AppointmentDesk;
use HoundCheck\Core\Day\Acts\Booked;
use HoundCheck\Core\Day\AppointmentRefusal;

final readonly class AppointmentController
{
    public function __construct(private AppointmentDesk $desk, private AppointmentBook $book, private Sender $sender) {}

    public function show(Appointment $appointment): Answer
    {
        return $this->answer($appointment);
    }

    public function store(AppointmentActRequest $request): Answer
    {
        $request->validate([
            'appointmentId' => ['required', 'string', 'ulid', 'different:id'],
            'dogId' => ['required', 'string', 'ulid', 'exists:dogs,id'],
        ]);
        $sent = $request->sent();
        $booked = $sent->act instanceof Booked ? $sent->act : throw ActNotTaken::because(AppointmentRefusal::NotOpen);
        $dog = Dog::query()->findOrFail($request->string('dogId')->upper()->toString());
        $id = $request->string('appointmentId')->upper()->toString();
        $appointment = $this->desk->book($id, $dog, $sent, $booked, $request->user(), $request->boolean('tell'));

        return $this->answer($appointment, 201);
    }

    public function act(AppointmentActRequest $request, Appointment $appointment): Answer
    {
        $request->validate(['after' => ['required', 'integer', 'min:1']]);

        $tell = $request->boolean('tell');

        return $this->answer($this->desk->act($appointment, $request->sent(), $request->integer('after'), $request->user(), $tell));
    }

    private function answer(Appointment $appointment, int $status = 200): Answer
    {
        $appointment->load(['dog', 'dog.client:'.Client::REACHED]);

        return new Answer((new AppointmentJson($this->book, HouseRulesVersion::current(), $this->sender))->whole($appointment), $status);
    }
}
