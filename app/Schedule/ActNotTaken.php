<?php

declare(strict_types=1);

namespace App\Schedule;

use App\Words\SaysItself;
use App\Words\Words;
use HoundCheck\Core\Day\AppointmentRefusal;
use Symfony\Component\HttpKernel\Exception\ConflictHttpException;

/** An act that an appointment, as it stands, does not allow. */
final class ActNotTaken extends ConflictHttpException implements SaysItself
{
    public static function because(AppointmentRefusal $refusal): self
    {
        return new self(Words::of("appointments.{$refusal->value}"));
    }

    public static function idIsTaken(): self
    {
        return new self(Words::of('appointments.id_is_taken'));
    }
}
