<?php

declare(strict_types=1);

namespace App\Appointments;

use App\Models\Appointment;
use App\Models\Dog;
use App\Models\Message;
use App\Words;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Day\AppointmentState;

/** What a client is told of an appointment: when it was kept, moved or cancelled, and a reminder on the day before. */
final readonly class AppointmentWord
{
    private const REMINDS_AT = 10;

    /** As it would be sent, in the client's language. */
    public static function preview(Dog $dog, CarbonImmutable $startsAt, ?CarbonImmutable $promisedAt, bool $isMoved): string
    {
        return self::text($isMoved ? 'moved' : 'booked', $dog, $startsAt, $promisedAt);
    }

    /**
     * After an act: what waits in the outbox follows it.
     *
     * @param bool $tell the client is told now
     */
    public function follow(Appointment $appointment, string $act, bool $tell): void
    {
        $waiting = Message::query()->where('appointment_id', $appointment->id)->where('due_at', '>', CarbonImmutable::now())->delete() > 0;
        if ($tell && in_array($act, ['booked', 'moved', 'cancelled'], true) && $appointment->starts_at !== null) {
            $this->write($appointment, $act, null);
        }
        $stands = $appointment->state === AppointmentState::Booked && $appointment->starts_at !== null;
        if ($stands && ($tell || $waiting)) {
            $due = $appointment->starts_at->setTimezone(config('salon.timezone'))->subDay()->setTime(self::REMINDS_AT, 0)->utc();
            $due->isFuture() ? $this->write($appointment, 'reminder', $due) : null;
        }
    }

    private function write(Appointment $appointment, string $kind, ?CarbonImmutable $due): void
    {
        $dog = $appointment->dog()->with('client')->firstOrFail();
        Message::query()->create([
            'appointment_id' => $appointment->id,
            'to_name' => $dog->client->name,
            'to_phone' => $dog->client->phone,
            'text' => self::text($kind, $dog, $appointment->starts_at ?? CarbonImmutable::now(), $appointment->promised_at),
            'created_at' => CarbonImmutable::now(),
            'due_at' => $due,
        ]);
    }

    private static function text(string $kind, Dog $dog, CarbonImmutable $startsAt, ?CarbonImmutable $promisedAt): string
    {
        $language = $dog->client->speaks();
        $words = [
            'salon' => config('salon.name'),
            'dog' => $dog->name,
            'day' => self::inSalon($startsAt, $language, 'dddd, D MMMM'),
            'time' => self::inSalon($startsAt, $language, 'H:mm'),
            'promised' => $promisedAt === null ? '' : self::inSalon($promisedAt, $language, 'H:mm'),
        ];
        $says = [$kind, ...($kind === 'cancelled' ? [] : [...($promisedAt === null ? [] : ['fetch']), 'before'])];

        return implode(' ', array_map(fn(string $part): string => Words::of("clients.appointment.{$part}", $words, $language), $says));
    }

    private static function inSalon(CarbonImmutable $at, string $language, string $format): string
    {
        return CarbonImmutable::instance($at)->setTimezone(config('salon.timezone'))->settings(['locale' => $language])->isoFormat($format);
    }
}
