<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Kinds;

use HoundCheck\Core\Marks\Kind;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;

/** Hands off: the dog rests, the clocks stand. */
#[Kind(Phase::Table, handsOn: true)]
final readonly class Paused implements Payload {}
