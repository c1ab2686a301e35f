<?php

declare(strict_types=1);

namespace App\Visits;

use App\Words\SaysItself;
use App\Words\Words;
use Symfony\Component\HttpKernel\Exception\ConflictHttpException;

/** An id that a device made names something else already. */
final class IdIsTaken extends ConflictHttpException implements SaysItself
{
    public static function ofAVisit(): self
    {
        return new self(Words::of('problems.visit_id_taken'));
    }

    public static function ofAMark(): self
    {
        return new self(Words::of('problems.mark_id_taken'));
    }
}
