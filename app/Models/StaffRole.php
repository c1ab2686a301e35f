<?php

declare(strict_types=1);

namespace App\Models;

/** An apprentice records, a groomer decides, an owner also sets the house rules. */
enum StaffRole: string
{
    case Owner = 'owner';
    case Groomer = 'groomer';
    case Apprentice = 'apprentice';

    public function decides(): bool
    {
        return $this !== self::Apprentice;
    }
}
