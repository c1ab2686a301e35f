<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day;

/** A groomer of the day: begins no step before `from`, nor at or after `until`. Minutes after midnight. */
final readonly class OnDuty
{
    public function __construct(public string $id, public float $from, public float $until) {}
}
