<?php

declare(strict_types=1);

namespace App\Schedule;

use App\Clients\MessageKind;
use App\Clients\Outbox;
use App\Clients\SalonTime;
use App\Database\ClientAddress;
use App\Models\Appointment;
use App\Models\Dog;
use Carbon\CarbonImmutable;
use HoundCheck\Core\Day\AppointmentState;

/** What a client is told of an appointment: when it was kept, moved or cancelled, and a reminder on the day before. */
final readonly class AppointmentWord
{
    private const REMINDS_AT = 10;

    /** The client's page stays open until so long after the dog should have come. */
    private const GRACE_DAYS = 1;

    public const PAGE = 'your-time.show';

    public const CALENDAR = 'your-time.calendar';

    public function __construct(private Outbox $outbox, private AppointmentCalendar $calendar) {}

    /** As it would be sent, in the client's language. */
    public static function preview(Dog $dog, CarbonImmutable $startsAt, ?CarbonImmutable $promisedAt, bool $isMoved): string
    {
        return Outbox::say(
            $isMoved ? MessageKind::Moved : MessageKind::Booked,
            $dog->client,
            self::words($dog, $startsAt, $promisedAt),
        );
    }

    /**
     * After an act: what waits in the outbox follows it.
     *
     * @param bool $tell the client is told now
     */
    public function follow(Appointment $appointment, string $act, bool $tell): void
    {
        $waiting = $this->outbox->takeBack('appointment_id', $appointment->id);
        $now = match ($act) {
            'booked' => MessageKind::Booked,
            'moved' => MessageKind::Moved,
            'cancelled' => MessageKind::Cancelled,
            default => null,
        };
        if ($tell && $now !== null && $appointment->starts_at !== null) {
            $this->write($now, $appointment, null);
        }
        $stands = $appointment->state === AppointmentState::Booked && $appointment->starts_at !== null;
        if ($stands && ($tell || $waiting)) {
            $due = $appointment->starts_at->setTimezone(config('salon.timezone'))->subDay()->setTime(self::REMINDS_AT, 0)->utc();
            $due->isFuture() ? $this->write(MessageKind::Reminder, $appointment, $due) : null;
        }
    }

    private function write(MessageKind $kind, Appointment $appointment, ?CarbonImmutable $due): void
    {
        $dog = $appointment->load('dog.client')->dog;
        $starts = $appointment->starts_at ?? CarbonImmutable::now();
        $this->outbox->write($kind, $dog->client, self::words($dog, $starts, $appointment->promised_at), [
            'appointment_id' => $appointment->id,
            'calendar' => $this->calendar->forClient($appointment),
            'url' => $kind === MessageKind::Cancelled ? null : self::page($appointment, $starts),
        ], $due);
    }

    /** @return string where the client confirms it, cancels it or asks for another time; relative, signed, until it is over */
    private static function page(Appointment $appointment, CarbonImmutable $starts): string
    {
        return ClientAddress::pageOf(self::signed(self::PAGE, $appointment, $starts));
    }

    /** @return string an address of the client's, relative, open until the appointment is over */
    public static function signed(string $route, Appointment $appointment, CarbonImmutable $starts): string
    {
        return ClientAddress::of($route, $starts->addDays(self::GRACE_DAYS), ['appointment' => $appointment->id]);
    }

    /** @return array<string, string> */
    private static function words(Dog $dog, CarbonImmutable $startsAt, ?CarbonImmutable $promisedAt): array
    {
        $language = $dog->client->speaks();

        return [
            'dog' => $dog->name,
            'day' => SalonTime::day($startsAt, $language),
            'time' => SalonTime::clock($startsAt, $language),
            'promised' => $promisedAt === null ? '' : SalonTime::clock($promisedAt, $language),
        ];
    }
}
