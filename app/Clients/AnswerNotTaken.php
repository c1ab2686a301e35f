<?php

declare(strict_types=1);

namespace App\Clients;

use App\Words\SaysItself;
use App\Words\Words;
use Carbon\CarbonImmutable;
use Symfony\Component\HttpKernel\Exception\ConflictHttpException;

/** A client's answer by link that changes nothing any more. The message is for the client. */
final class AnswerNotTaken extends ConflictHttpException implements SaysItself
{
    public static function alreadySettled(string $with, CarbonImmutable $at): self
    {
        return new self(Words::of("clients.already_{$with}", ['time' => $at->setTimezone(config('salon.timezone'))->format('G:i')]));
    }

    public static function planMovedOn(): self
    {
        return new self(Words::of('clients.plan_moved_on'));
    }

    public static function noSuchOffer(): self
    {
        return new self(Words::of('clients.no_such_offer'));
    }
}
