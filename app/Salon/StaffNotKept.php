<?php

declare(strict_types=1);

namespace App\Salon;

use App\Words\Words;
use RuntimeException;

/** Nothing was changed. */
final class StaffNotKept extends RuntimeException
{
    private function __construct(public readonly StaffProblem $problem)
    {
        $limits = ['least' => StaffBook::SHORTEST_PASSWORD, 'most' => StaffBook::LONGEST_NAME];
        parent::__construct(Words::of("staff.{$problem->value}", $limits));
    }

    public static function because(StaffProblem $problem): self
    {
        return new self($problem);
    }
}
