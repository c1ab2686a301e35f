<?php

declare(strict_types=1);

namespace App\Clients;

/** What a client is written about. */
enum MessageKind: string
{
    case Booked = 'booked';
    case Moved = 'moved';
    case Cancelled = 'cancelled';
    case Reminder = 'reminder';
    case NewTime = 'new_time';
    case Ready = 'ready';
    case Plan = 'plan';
    case YesNoted = 'yes_noted';
    case HomePlan = 'home_plan';
    case NextDay = 'next_day';
    case Record = 'record';

    /** @return list<string> words that its text may hold in braces */
    public function words(): array
    {
        return ['salon', 'phone', 'client', 'dog', ...match ($this) {
            self::Booked, self::Moved, self::Reminder => ['day', 'time', 'promised'],
            self::Cancelled => ['day', 'time'],
            self::NewTime => ['promised'],
            self::YesNoted => ['time', 'who'],
            self::HomePlan => ['minutes'],
            self::Record => ['day'],
            self::NextDay => ['advice'],
            self::Ready, self::Plan => [],
        }];
    }

    /** @return list<string> words without which it says nothing */
    public function needs(): array
    {
        return match ($this) {
            self::Booked, self::Moved, self::Cancelled => ['dog', 'day', 'time'],
            self::Reminder => ['dog', 'time'],
            self::NewTime => ['dog', 'promised'],
            self::YesNoted => ['dog', 'who'],
            // What to watch for is a caution: it is not edited away.
            self::NextDay => ['dog', 'advice'],
            self::Ready, self::Plan, self::HomePlan, self::Record => ['dog'],
        };
    }
}
