<?php

declare(strict_types=1);

namespace App\Clients;

use App\Words\SaysItself;
use App\Words\Words;
use Symfony\Component\HttpKernel\Exception\ConflictHttpException;

/** The plan was changed since it was shown: a link would put something else to the client. */
final class PlanMovedOn extends ConflictHttpException implements SaysItself
{
    public static function sinceShown(): self
    {
        return new self(Words::of('refusals.plan_has_changed'));
    }
}
