<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day;

/** The steps of a dog's day, in the order of the work. */
enum Step: string
{
    case Inspect = 'inspect';
    case Answer = 'answer';
    case Brush = 'brush';
    case Bath = 'bath';
    case Dry = 'dry';
    case Check = 'check';
    case Finish = 'finish';

    /** @return Station|null null: the client's answer needs nobody and no place */
    public function station(): ?Station
    {
        return match ($this) {
            self::Answer => null,
            self::Bath => Station::Tub,
            self::Dry => Station::Dryer,
            default => Station::Table,
        };
    }
}
