<?php

declare(strict_types=1);

namespace App\Schedule;

use App\Database\OneByOne;
use App\Models\Appointment;
use App\Models\Dog;
use App\Models\Staff;
use App\Models\StoredAct;
use App\Models\Visit;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Day\Acts\Booked;
use HoundCheck\Core\Day\Acts\CameIn;
use HoundCheck\Core\Day\Acts\Moved;
use HoundCheck\Core\Day\Appointment as StandingAppointment;
use HoundCheck\Core\Day\AppointmentActs;
use HoundCheck\Core\Day\AppointmentRefusal;
use HoundCheck\Core\Day\AppointmentState;
use HoundCheck\Core\Day\Slot;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Where appointments are made and acted on: each act is kept once, in the order of arrival, with who and when. */
final class AppointmentDesk
{
    public function __construct(private readonly AppointmentWord $word) {}

    /**
     * Sent twice, it is booked once.
     *
     * @param bool $tell the client is told now
     *
     * @throws ActNotTaken
     */
    public function book(string $id, Dog $dog, SentAct $sent, Booked $booked, Staff $by, bool $tell = false): Appointment
    {
        return DB::transaction(function () use ($id, $dog, $sent, $booked, $by, $tell): Appointment {
            OneByOne::dog($dog->id);
            $known = Appointment::query()->find($id);
            if ($known !== null) {
                return $known->dog_id === $dog->id && StoredAct::query()->where('appointment_id', $id)->where('id', $sent->id)->exists()
                    ? $known
                    : throw ActNotTaken::idIsTaken();
            }
            $refusal = StandingAppointment::refusalOf($booked->slot) ?? self::isBookedThen($dog->id, $id, $booked->slot);
            if ($refusal !== null) {
                throw ActNotTaken::because($refusal);
            }
            $appointment = new Appointment(['id' => $id, 'dog_id' => $dog->id]);
            $appointment->fill(self::columns(StandingAppointment::of([$sent->id => $booked]), 0))->save();
            $this->keep($appointment, $sent, $by);
            $this->word->follow($appointment, 'booked', $tell);

            return $appointment;
        });
    }

    /**
     * @param int $after the number of the last act that whoever acts has seen
     * @param Staff|null $by null: the client, by the link
     * @param bool $tell the client is told now
     *
     * @throws AppointmentMovedOn when another act came after it
     * @throws ActNotTaken
     */
    public function act(Appointment $appointment, SentAct $sent, int $after, ?Staff $by, bool $tell = false): Appointment
    {
        return DB::transaction(function () use ($appointment, $sent, $after, $by, $tell): Appointment {
            OneByOne::dog($appointment->dog_id);
            $appointment = Appointment::query()->findOrFail($appointment->id);
            $known = StoredAct::query()->find($sent->id);
            if ($known !== null) {
                return $known->appointment_id === $appointment->id ? $appointment : throw ActNotTaken::idIsTaken();
            }
            if ($appointment->last_number !== $after) {
                $last = $appointment->acts()->with('staff:id,name')->reorder()->orderByDesc('number')->first();

                throw AppointmentMovedOn::by($last?->staff?->name);
            }
            $refusal = self::standing($appointment)->refusal($sent->act, $sent->at->toDateTimeImmutable())
                ?? ($sent->act instanceof Moved ? self::isBookedThen($appointment->dog_id, $appointment->id, $sent->act->slot) : null);
            if ($refusal !== null) {
                throw ActNotTaken::because($refusal);
            }
            $this->keep($appointment, $sent, $by);
            $this->word->follow($appointment, AppointmentActs::kind($sent->act), $tell);

            return $appointment;
        });
    }

    /** A dog is in one place at a time: another booking of it within the hour is the same one, made twice. */
    private static function isBookedThen(string $dogId, string $appointmentId, Slot $slot): ?AppointmentRefusal
    {
        if ($slot->startsAt === null) {
            return null;
        }
        $starts = CarbonImmutable::instance($slot->startsAt);
        $other = Appointment::query()
            ->where('dog_id', $dogId)
            ->where('id', '!=', $appointmentId)
            ->where('state', AppointmentState::Booked->value)
            ->where('starts_at', '>', $starts->subMinutes(StandingAppointment::SAME_TIME_MINUTES)->utc())
            ->where('starts_at', '<', $starts->addMinutes(StandingAppointment::SAME_TIME_MINUTES)->utc())
            ->exists();

        return $other ? AppointmentRefusal::BookedThen : null;
    }

    /** A dog came in: what was booked for it on that day, as far as it is still open. */
    public function dueOn(string $dogId, CarbonImmutable $at): ?Appointment
    {
        $day = $at->setTimezone(config('salon.timezone'))->startOfDay();

        return Appointment::query()
            ->where('dog_id', $dogId)
            ->whereIn('state', [AppointmentState::Booked->value, AppointmentState::NoShow->value])
            ->where('starts_at', '>=', $day->utc())
            ->where('starts_at', '<', $day->addDay()->utc())
            ->orderBy('starts_at')->orderBy('id')
            ->first();
    }

    /** It came for this appointment. */
    public function arrived(Appointment $appointment, Visit $visit, string $device, Staff $by): void
    {
        DB::transaction(function () use ($appointment, $visit, $device, $by): void {
            OneByOne::dog($appointment->dog_id);
            $appointment = Appointment::query()->findOrFail($appointment->id);
            if ($appointment->state === AppointmentState::Arrived) {
                return;
            }
            $this->keep($appointment, new SentAct((string) Str::ulid(), new CameIn($visit->id), $visit->arrived_at, $device), $by);
            $this->word->follow($appointment, 'arrived', false);
        });
    }

    /**
     * Rows anew from their acts: the same as they stand.
     *
     * @param list<string>|null $ids null: all of them
     */
    public function rebuild(?array $ids = null): void
    {
        DB::transaction(function () use ($ids): void {
            Appointment::query()->when($ids !== null, fn($some) => $some->whereIn('id', $ids))->lazyById(200)->each(function (Appointment $appointment): void {
                $appointment->update(self::columns(self::standing($appointment), $appointment->acts()->max('number')));
            });
        });
    }

    public static function standing(Appointment $appointment): StandingAppointment
    {
        $acts = [];
        foreach ($appointment->acts()->get() as $stored) {
            $acts[$stored->id] = $stored->act();
        }

        return StandingAppointment::of($acts);
    }

    private function keep(Appointment $appointment, SentAct $sent, ?Staff $by): void
    {
        $number = $appointment->last_number + 1;
        try {
            StoredAct::query()->create([
                'id' => $sent->id,
                'appointment_id' => $appointment->id,
                'number' => $number,
                'kind' => AppointmentActs::kind($sent->act),
                'fields' => AppointmentActs::write($sent->act),
                'staff_id' => $by?->id,
                'device' => $sent->device,
                'at' => $sent->at,
                'received_at' => CarbonImmutable::now(),
            ]);
        } catch (UniqueConstraintViolationException) {
            throw ActNotTaken::idIsTaken();
        }
        $appointment->update(self::columns(self::standing($appointment), $number));
    }

    /** @return array<string, mixed> */
    private static function columns(StandingAppointment $stands, int $number): array
    {
        return [
            'state' => $stands->state,
            'service' => $stands->service,
            'groomer_id' => $stands->slot->groomer,
            'starts_at' => $stands->slot->startsAt,
            'promised_at' => $stands->slot->promisedAt,
            'visit_id' => $stands->visit,
            'note' => $stands->note,
            'confirmed' => $stands->isConfirmed,
            'asked' => $stands->asked,
            'last_number' => $number,
        ];
    }
}
