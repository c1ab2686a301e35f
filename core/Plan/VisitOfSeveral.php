<?php

declare(strict_types=1);

namespace HoundCheck\Core\Plan;

use HoundCheck\Core\Coat\Section;

/** One of several visits among which a plan is divided. */
final readonly class VisitOfSeveral
{
    /** @param list<Section> $sections worked in this visit, each finished in it */
    public function __construct(public array $sections, public float $minutes, public float $tensionMinutes) {}
}
