<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Kinds;

use HoundCheck\Core\Marks\Kind;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Words\DryArea;

/** An area is dry to the skin. */
#[Kind(Phase::Bath, handsOn: true)]
final readonly class Dried implements Payload
{
    public function __construct(public DryArea $area) {}
}
