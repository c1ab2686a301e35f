<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Kinds;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Marks\Fields\Several;
use HoundCheck\Core\Marks\Fields\Whole;
use HoundCheck\Core\Marks\Kind;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Who;

/** The work is divided: this visit, and places that are left for a later one. */
#[Kind(Phase::Plan, who: Who::Groomer)]
final readonly class VisitSplit implements Payload
{
    /**
     * @param int $of visits from this one on, 2 or 3
     * @param list<Section> $later left for a later visit
     */
    public function __construct(#[Whole(2, 3)] public int $of, #[Several(Section::class)] public array $later) {}
}
