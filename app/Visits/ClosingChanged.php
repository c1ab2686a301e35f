<?php

declare(strict_types=1);

namespace App\Visits;

use App\Models\Visit;
use HoundCheck\Core\Visit\VisitState;

/** A dog went home or a visit was stopped, or that was taken back. Said under the lock of the marks. */
final readonly class ClosingChanged
{
    public function __construct(public Visit $visit, public VisitState $after) {}
}
