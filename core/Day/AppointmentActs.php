<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day;

use HoundCheck\Core\Day\Acts\ActTakenBack;
use HoundCheck\Core\Day\Acts\Booked;
use HoundCheck\Core\Day\Acts\CameIn;
use HoundCheck\Core\Day\Acts\Cancelled;
use HoundCheck\Core\Day\Acts\Changed;
use HoundCheck\Core\Day\Acts\Confirmed;
use HoundCheck\Core\Day\Acts\Moved;
use HoundCheck\Core\Day\Acts\NoShow;
use HoundCheck\Core\Day\Acts\OtherTimeAsked;
use HoundCheck\Core\House\Service;

/** Acts as they are stored and sent, by kind: the one place that knows their fields. Times are ISO 8601 in UTC. */
final class AppointmentActs
{
    public const KINDS = [
        'booked' => Booked::class,
        'moved' => Moved::class,
        'changed' => Changed::class,
        'cancelled' => Cancelled::class,
        'no_show' => NoShow::class,
        'arrived' => CameIn::class,
        'confirmed' => Confirmed::class,
        'other_time_asked' => OtherTimeAsked::class,
        'withdrawn' => ActTakenBack::class,
    ];

    public static function kind(AppointmentAct $act): string
    {
        return self::kindOf($act::class);
    }

    /** @param class-string<AppointmentAct> $act */
    public static function kindOf(string $act): string
    {
        return (string) array_search($act, self::KINDS, true);
    }

    /** @return array<string, string|null> */
    public static function write(AppointmentAct $act): array
    {
        return match (true) {
            $act instanceof Booked => ['service' => $act->service->value, ...self::slot($act->slot), 'note' => $act->note],
            $act instanceof Moved => self::slot($act->slot),
            $act instanceof Changed => ['service' => $act->service->value, 'note' => $act->note],
            $act instanceof Cancelled => ['by' => $act->by->value, 'reason' => $act->reason],
            $act instanceof CameIn => ['visit' => $act->visit],
            $act instanceof OtherTimeAsked => ['words' => $act->words],
            $act instanceof ActTakenBack => ['act' => $act->act],
            default => [],
        };
    }

    /**
     * @param array<string, mixed> $fields as `write()` gives them
     *
     * @throws \ValueError for what no version wrote
     */
    public static function read(string $kind, array $fields): AppointmentAct
    {
        return match ($kind) {
            'booked' => new Booked(Service::from($fields['service']), self::readSlot($fields), (string) ($fields['note'] ?? '')),
            'moved' => new Moved(self::readSlot($fields)),
            'changed' => new Changed(Service::from($fields['service']), (string) ($fields['note'] ?? '')),
            'cancelled' => new Cancelled(CancelledBy::from($fields['by']), (string) ($fields['reason'] ?? '')),
            'no_show' => new NoShow,
            'arrived' => new CameIn($fields['visit']),
            'confirmed' => new Confirmed,
            'other_time_asked' => new OtherTimeAsked((string) ($fields['words'] ?? '')),
            'withdrawn' => new ActTakenBack($fields['act']),
            default => throw new \ValueError($kind),
        };
    }

    /** @return array{startsAt: string|null, promisedAt: string|null, groomer: string|null} */
    private static function slot(Slot $slot): array
    {
        return ['startsAt' => self::time($slot->startsAt), 'promisedAt' => self::time($slot->promisedAt), 'groomer' => $slot->groomer];
    }

    private static function time(?\DateTimeImmutable $at): ?string
    {
        return $at?->setTimezone(new \DateTimeZone('UTC'))->format('Y-m-d\TH:i:s\Z');
    }

    /** @param array<string, mixed> $fields */
    private static function readSlot(array $fields): Slot
    {
        $time = fn(?string $at): ?\DateTimeImmutable => $at === null ? null : new \DateTimeImmutable($at);

        return new Slot($time($fields['startsAt'] ?? null), $time($fields['promisedAt'] ?? null), $fields['groomer'] ?? null);
    }
}
