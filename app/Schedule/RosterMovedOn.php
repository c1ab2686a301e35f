<?php

declare(strict_types=1);

namespace App\Schedule;

use App\Words\SaysItself;
use App\Words\Words;
use Symfony\Component\HttpKernel\Exception\ConflictHttpException;

/** Somebody else saved the hours in the meantime. */
final class RosterMovedOn extends ConflictHttpException implements SaysItself
{
    public static function sinceRead(): self
    {
        return new self(Words::of('appointments.roster_moved_on'));
    }
}
