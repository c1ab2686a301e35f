<?php

declare(strict_types=1);

namespace App\Schedule;

use App\Words\SaysItself;
use App\Words\Words;
use Symfony\Component\HttpKernel\Exception\ConflictHttpException;

/** Somebody else acted on the appointment since it was looked at: theirs stands, and is looked at first. */
final class AppointmentMovedOn extends ConflictHttpException implements SaysItself
{
    public static function by(?string $name): self
    {
        return new self($name === null ? Words::of('appointments.client_acted') : Words::of('appointments.moved_on', ['name' => $name]));
    }
}
