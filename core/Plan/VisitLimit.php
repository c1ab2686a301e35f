<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan;

/** What one of several visits may ask: tension minutes of the dog, minutes of work of the table. */
final readonly class VisitLimit
{
    public function __construct(public float $tensionMinutes, public float $workMinutes) {}
}
