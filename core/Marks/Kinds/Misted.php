<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Kinds;

use HoundCheck\Core\Marks\Kind;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Place;

/** The coat was misted, against breakage and static. */
#[Kind(Phase::Table, Place::Section, handsOn: true)]
final readonly class Misted implements Payload {}
