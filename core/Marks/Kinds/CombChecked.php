<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Kinds;

use HoundCheck\Core\Marks\CombDrawn;
use HoundCheck\Core\Marks\Kind;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Place;

/** A section was combed from the skin. Sent again as more is answered; the latest counts, all are kept. */
#[Kind(Phase::Inspection, Place::Section, handsOn: true)]
final readonly class CombChecked extends CombDrawn {}
