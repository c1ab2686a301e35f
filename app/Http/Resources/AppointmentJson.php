<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Clients\Sender;
use App\Models\Appointment;
use App\Models\HouseRulesVersion;
use App\Models\StoredAct;
use App\Schedule\AppointmentBook;
use App\Schedule\AppointmentDesk;
use HoundCheck\Core\Day\Appointment as StandingAppointment;
use HoundCheck\Core\Day\Minutes;
use HoundCheck\Core\Day\PlannedStep;

/** An appointment as the API tells it. */
final readonly class AppointmentJson
{
    public function __construct(private AppointmentBook $book, private HouseRulesVersion $rules, private Sender $sender) {}

    /** @return array<string, mixed> a row of a list */
    public function row(Appointment $appointment): array
    {
        $dog = $appointment->dog;
        $steps = $this->book->stepsOf($appointment, $this->rules);

        return [
            'id' => $appointment->id,
            'dog' => [
                'id' => $dog->id,
                'name' => $dog->name,
                'breed' => $dog->breed,
                'coat' => $dog->coat->value,
                'mind' => $dog->mind,
                'client' => [
                    'id' => $dog->client->id,
                    'name' => $dog->client->name,
                    'phone' => $dog->client->phone,
                    'reach' => $this->sender->address($dog->client->phone, $dog->client->email),
                ],
            ],
            'state' => $appointment->state->value,
            'service' => $appointment->service->value,
            'groomer' => $appointment->groomer_id,
            'startsAt' => Iso::of($appointment->starts_at),
            'promisedAt' => Iso::of($appointment->promised_at),
            'visitId' => $appointment->visit_id,
            'note' => $appointment->note,
            'confirmed' => $appointment->confirmed,
            'asked' => $appointment->asked,
            'number' => $appointment->last_number,
            'lateFrom' => Iso::of($appointment->starts_at?->addMinutes(StandingAppointment::LATE_MINUTES)),
            ...self::steps($steps),
        ];
    }

    /** @return array<string, mixed> with what was said and done */
    public function whole(Appointment $appointment): array
    {
        $standing = AppointmentDesk::standing($appointment);

        return [
            ...$this->row($appointment),
            'cancelled' => $standing->cancelled === null ? null : [
                'by' => $standing->cancelled->by->value,
                'reason' => $standing->cancelled->reason,
            ],
            'undoable' => $standing->undoable,
            'acts' => array_values($appointment->acts()->with('staff:id,name')->get()->map(fn(StoredAct $act): array => [
                'id' => $act->id,
                'kind' => $act->kind,
                'fields' => (object) $act->fields,
                'by' => $act->staff?->name,
                'at' => Iso::of($act->at),
            ])->all()),
        ];
    }

    /**
     * One in ten is under `from`, one over `to`.
     *
     * @param list<PlannedStep> $steps
     *
     * @return array{steps: list<array<string, mixed>>, minutes: array<string, float>} each step's minutes, and all together
     */
    public static function steps(array $steps): array
    {
        return [
            'steps' => array_map(function (PlannedStep $step): array {
                [$from, $to] = $step->range();

                return ['step' => $step->step->value, 'likely' => $step->minutes, 'from' => $from, 'to' => $to];
            }, $steps),
            'minutes' => (array) Minutes::together($steps),
        ];
    }
}
