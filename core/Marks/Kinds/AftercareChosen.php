<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Kinds;

use HoundCheck\Core\Marks\Fields\Several;
use HoundCheck\Core\Marks\Kind;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Who;
use HoundCheck\Core\Marks\Words\Aftercare;

/** What the client is told; an empty list says that nothing needs watching. */
#[Kind(Phase::Bath, who: Who::Groomer)]
final readonly class AftercareChosen implements Payload
{
    /** @param list<Aftercare> $items */
    public function __construct(#[Several(Aftercare::class)] public array $items) {}
}
