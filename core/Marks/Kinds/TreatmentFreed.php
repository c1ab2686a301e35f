<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Kinds;

use HoundCheck\Core\Marks\Kind;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Place;
use HoundCheck\Core\Marks\Who;

/** A section's treatment is no longer fixed: the plan decides it again. */
#[Kind(Phase::Plan, Place::Section, Who::Groomer)]
final readonly class TreatmentFreed implements Payload {}
