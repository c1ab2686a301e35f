<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Kinds;

use HoundCheck\Core\Coat\EvenGroup;
use HoundCheck\Core\Marks\Fields\Several;
use HoundCheck\Core\Marks\Kind;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Who;

/** Groups of places that shall all be of one length after the groom; the latest list counts. */
#[Kind(Phase::Plan, who: Who::Groomer)]
final readonly class EvenWanted implements Payload
{
    /** @param list<EvenGroup> $groups */
    public function __construct(#[Several(EvenGroup::class)] public array $groups) {}
}
