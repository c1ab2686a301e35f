<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Kinds;

use HoundCheck\Core\Marks\CombDrawn;
use HoundCheck\Core\Marks\Kind;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Place;
use HoundCheck\Core\Marks\Reach;

/** The comb was drawn through a section at the table. Sent again as more is answered; the latest counts. */
#[Kind(Phase::Table, Place::Section, handsOn: true, reach: Reach::Here)]
final readonly class TableCombed extends CombDrawn {}
