<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day;

/** A groomer of the day: begins no step before `from`, at or after `until`, nor within a break. Minutes after midnight. */
final readonly class OnDuty
{
    /** @param list<array{float, float}> $breaks from and until, in order */
    public function __construct(public string $id, public float $from, public float $until, public array $breaks = []) {}
}
