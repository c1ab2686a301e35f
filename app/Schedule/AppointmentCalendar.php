<?php

declare(strict_types=1);

namespace App\Schedule;

use App\Clients\SalonTime;
use App\Models\Appointment;
use App\Models\HouseRulesVersion;
use App\Models\StoredAct;
use App\Words\Languages;
use App\Words\Words;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Day\AppointmentState;
use HoundCheck\Core\Day\Minutes;
use Illuminate\Database\Eloquent\Collection;
use Sabre\VObject\Component\VCalendar;

/**
 * Appointments in the open format of calendars, RFC 5545. Times are in UTC, so that no change of summer time moves them.
 *
 * An address that is handed on tells no more than the dogs' names: no clients, no telephone numbers, no notes.
 */
final readonly class AppointmentCalendar
{
    private const AHEAD_DAYS = 400;

    private const BACK_DAYS = 30;

    public function __construct(private AppointmentBook $book) {}

    /** @return string|null as the client gets it; null: the appointment does not stand */
    public function forClient(Appointment $appointment): ?string
    {
        if ($appointment->starts_at === null || $appointment->state !== AppointmentState::Booked) {
            return null;
        }
        $language = $appointment->dog->client->speaks();
        $calendar = $this->calendar();
        $changed = (string) $appointment->acts()->max('received_at');
        $this->add($calendar, $appointment, "{$appointment->dog->name}: ".config('salon.name'), $language, $changed);

        return $calendar->serialize();
    }

    /** @param string|null $groomer null: the salon's */
    public function feed(?string $groomer): string
    {
        $now = CarbonImmutable::now();
        $calendar = $this->calendar();
        $calendar->add('X-WR-CALNAME', (string) config('salon.name'));
        $calendar->add('REFRESH-INTERVAL', 'PT15M', ['VALUE' => 'DURATION']);
        $appointments = $this->appointments($now, $groomer);
        $changed = StoredAct::query()
            ->whereIn('appointment_id', $appointments->modelKeys())
            ->groupBy('appointment_id')
            ->selectRaw('appointment_id, max(received_at) as changed')
            ->pluck('changed', 'appointment_id');
        $language = Languages::ofTheSalon();
        foreach ($appointments as $appointment) {
            $service = Words::of("clients.services.{$appointment->service->value}", [], $language);
            $summary = "{$appointment->dog->name}: {$service}";
            $this->add($calendar, $appointment, $summary, $language, (string) $changed[$appointment->id]);
        }

        return $calendar->serialize();
    }

    /** @return Collection<int, Appointment> those that were cancelled too, so that a calendar takes them out */
    private function appointments(CarbonImmutable $now, ?string $groomer): Collection
    {
        return Appointment::query()
            ->with('dog.client:id,name,language')
            ->where('starts_at', '>=', $now->subDays(self::BACK_DAYS))
            ->where('starts_at', '<=', $now->addDays(self::AHEAD_DAYS))
            ->when($groomer !== null, fn($of) => $of->where('groomer_id', $groomer))
            ->orderBy('starts_at')->orderBy('id')
            ->get();
    }

    private function calendar(): VCalendar
    {
        return new VCalendar(['PRODID' => '-//Hound Check//Appointments//EN', 'METHOD' => 'PUBLISH']);
    }

    private function minutes(Appointment $appointment): int
    {
        return (int) ceil(Minutes::together($this->book->stepsOf($appointment, HouseRulesVersion::current()))->likely);
    }

    private function add(VCalendar $calendar, Appointment $appointment, string $summary, string $language, string $changed): void
    {
        if ($appointment->starts_at === null) {
            return;
        }
        $ends = $appointment->promised_at ?? $appointment->starts_at->addMinutes($this->minutes($appointment));
        $calendar->add('VEVENT', array_filter([
            'UID' => "{$appointment->id}@hound-check",
            'DTSTAMP' => CarbonImmutable::parse($changed, 'UTC'),
            'SEQUENCE' => $appointment->last_number,
            'DTSTART' => $appointment->starts_at->utc(),
            'DTEND' => $ends->utc(),
            'SUMMARY' => $summary,
            'DESCRIPTION' => $appointment->promised_at === null
                ? null
                : Words::of('clients.calendar', ['promised' => SalonTime::clock($appointment->promised_at, $language)], $language),
            'STATUS' => match ($appointment->state) {
                AppointmentState::Cancelled, AppointmentState::NoShow => 'CANCELLED',
                default => 'CONFIRMED',
            },
        ], fn(mixed $value): bool => $value !== null));
    }
}
