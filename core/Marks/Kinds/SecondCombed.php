<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Kinds;

use HoundCheck\Core\Marks\CombDrawn;
use HoundCheck\Core\Marks\Kind;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Place;

/** The comb was drawn through a section after drying. */
#[Kind(Phase::Bath, Place::Section, handsOn: true)]
final readonly class SecondCombed extends CombDrawn {}
