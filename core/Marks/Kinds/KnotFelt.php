<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Kinds;

use HoundCheck\Core\Marks\Kind;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Place;

/** A hand over the coat, before any comb, felt something here. It grades nothing: the comb looks there first. */
#[Kind(Phase::Inspection, Place::Section, handsOn: true)]
final readonly class KnotFelt implements Payload {}
