<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table;

use HoundCheck\Core\Marks\Words\MatOutcome;

/**
 * A mat that was in hand: what became of it, and the closes of a thinning shear.
 *
 * Null for one that was put down again: it was parked, or comb or blade went through the place.
 */
final readonly class WorkedMat
{
    /**
     * @param string $id the mark that ended it
     * @param string $takenId the mark that took it in hand; its clock goes by that name
     */
    public function __construct(public string $id, public string $takenId, public ?MatOutcome $outcome, public int $closes) {}

    /** A mat that was cut out took no pulling. */
    public function wasPulled(): bool
    {
        return $this->outcome !== MatOutcome::Clipped;
    }
}
