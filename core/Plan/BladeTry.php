<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan;

/** One try of a blade on a section's worst spot. */
final readonly class BladeTry
{
    public function __construct(public float $mm, public BladeResult $result) {}
}
