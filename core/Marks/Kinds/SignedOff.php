<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Kinds;

use HoundCheck\Core\Marks\Kind;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Who;

/** A groomer stands by the record. */
#[Kind(Phase::Bath, who: Who::Groomer)]
final readonly class SignedOff implements Payload {}
