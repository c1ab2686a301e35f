<?php

declare(strict_types=1);

namespace HoundCheck\Core\Owner;

/** What a visit asks at the table, to expect. */
final readonly class PlannedWork
{
    /**
     * @param float $minutes of it all
     * @param float $tension minutes of pulling
     * @param float $matMinutes of the minutes, those of opening mats
     */
    private function __construct(public float $minutes, public float $tension, public float $matMinutes) {}

    /** @param list<array{float, float, float}> $sections minutes, tension and mat minutes of each */
    public static function sum(array $sections): self
    {
        return new self(
            array_sum(array_column($sections, 0)),
            array_sum(array_column($sections, 1)),
            array_sum(array_column($sections, 2)),
        );
    }
}
