<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Kinds;

use HoundCheck\Core\Marks\Kind;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Who;

/** The gate was open, and the dog goes to the bath. */
#[Kind(Phase::Bath, who: Who::Groomer, handsOn: true)]
final readonly class BathCleared implements Payload {}
