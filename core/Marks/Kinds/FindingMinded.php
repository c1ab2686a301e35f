<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Kinds;

use HoundCheck\Core\Marks\Kind;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Place;

/** Whoever works at a section has seen what is on the skin there: one touch, before the first tool. */
#[Kind(Phase::Any, Place::Section)]
final readonly class FindingMinded implements Payload {}
