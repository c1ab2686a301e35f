<?php

declare(strict_types=1);

namespace App\Days;

use App\Words;
use Symfony\Component\HttpKernel\Exception\ConflictHttpException;

/** Somebody else saved the hours in the meantime. */
final class RosterMovedOn extends ConflictHttpException
{
    public static function sinceRead(): self
    {
        return new self(Words::of('appointments.roster_moved_on'));
    }
}
