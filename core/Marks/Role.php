<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks;

/** An apprentice records, a groomer decides, an owner also keeps the house: its rules, and what is erased. */
enum Role: string
{
    case Owner = 'owner';
    case Groomer = 'groomer';
    case Apprentice = 'apprentice';

    public function decides(): bool
    {
        return $this !== self::Apprentice;
    }

    public function keepsTheHouse(): bool
    {
        return $this === self::Owner;
    }
}
