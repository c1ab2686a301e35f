<?php

declare(strict_types=1);

namespace App\Schedule;

use Carbon\CarbonImmutable;
use DateTimeZone;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\InvalidDataException;
use Sabre\VObject\ParseException;
use Sabre\VObject\Reader;
use Sabre\VObject\Recur\MaxInstancesExceededException;
use Sabre\VObject\Recur\NoInstancesException;

/** When somebody cannot work, read from a calendar file, RFC 5545. */
final class BusyTimes
{
    /** So far ahead a calendar is read. */
    public const AHEAD_DAYS = 400;

    private const MOST = 2000;

    /**
     * Whole days and times without a zone are the salon's; what is marked free or was cancelled is left out. Times that
     * overlap are one.
     *
     * @return list<array{CarbonImmutable, CarbonImmutable}> from and until, in order
     *
     * @throws UnreadableCalendar
     */
    public static function read(string $file, CarbonImmutable $from, DateTimeZone $salon): array
    {
        try {
            $read = Reader::read($file, Reader::OPTION_FORGIVING);
            if (! $read instanceof VCalendar) {
                throw UnreadableCalendar::noCalendar();
            }
            $calendar = $read->expand($from, $from->addDays(self::AHEAD_DAYS), $salon);
        } catch (ParseException|InvalidDataException|NoInstancesException|MaxInstancesExceededException|\InvalidArgumentException) {
            throw UnreadableCalendar::noCalendar();
        }
        $times = [];
        foreach ($calendar->select('VEVENT') as $event) {
            $time = $event instanceof VEvent ? self::timeOf($event, $salon) : null;
            if ($time !== null && $time[1] > $from) {
                $times[] = $time;
            }
            if (count($times) > self::MOST) {
                throw UnreadableCalendar::tooMany(self::MOST);
            }
        }

        return self::joined($times);
    }

    /** @return array{CarbonImmutable, CarbonImmutable}|null null: it keeps nobody from working */
    private static function timeOf(VEvent $event, DateTimeZone $salon): ?array
    {
        $says = fn(string $property, string $value): bool => strtoupper((string) $event->{$property}) === $value;
        if (! isset($event->DTSTART) || $says('TRANSP', 'TRANSPARENT') || $says('STATUS', 'CANCELLED')) {
            return null;
        }
        $starts = CarbonImmutable::instance($event->DTSTART->getDateTime($salon));
        $ends = match (true) {
            isset($event->DTEND) => CarbonImmutable::instance($event->DTEND->getDateTime($salon)),
            isset($event->DURATION) => $starts->add($event->DURATION->getDateInterval()),
            $event->DTSTART->hasTime() => $starts,
            default => $starts->addDay(),
        };

        return $ends > $starts ? [$starts->utc(), $ends->utc()] : null;
    }

    /**
     * @param list<array{CarbonImmutable, CarbonImmutable}> $times
     *
     * @return list<array{CarbonImmutable, CarbonImmutable}>
     */
    private static function joined(array $times): array
    {
        usort($times, fn(array $one, array $other): int => $one[0] <=> $other[0]);
        $joined = [];
        foreach ($times as $time) {
            $last = array_key_last($joined);
            if ($last !== null && $time[0] <= $joined[$last][1]) {
                $time[0] = $joined[$last][0];
                $time[1] = $joined[$last][1]->max($time[1]);
                $joined[$last] = $time;
            } else {
                $joined[] = $time;
            }
        }

        return array_values($joined);
    }
}
