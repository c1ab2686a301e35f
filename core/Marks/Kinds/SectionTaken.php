<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Kinds;

use HoundCheck\Core\Marks\Kind;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Place;

/** Hands on a section: its clock runs. */
#[Kind(Phase::Table, Place::Section, handsOn: true)]
final readonly class SectionTaken implements Payload {}
