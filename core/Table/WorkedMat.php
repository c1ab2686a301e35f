<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table;

/** A mat that was in hand: what became of it, how long it took, and the closes of a thinning shear. */
final readonly class WorkedMat
{
    public function __construct(public string $id, public MatOutcome $outcome, public float $seconds, public int $closes) {}
}
