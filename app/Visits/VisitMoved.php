<?php

declare(strict_types=1);

namespace App\Visits;

use HoundCheck\Core\Visit\VisitState;

/** Marks of a visit were taken. Said under their lock: whoever listens writes in the same transaction. */
final readonly class VisitMoved
{
    /** @param VisitState $before the visit before the first of them */
    public function __construct(public VisitMarks $marks, public VisitState $before) {}
}
