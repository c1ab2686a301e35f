<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Kinds;

use HoundCheck\Core\Marks\Fields\Whole;
use HoundCheck\Core\Marks\Kind;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Place;
use HoundCheck\Core\Marks\Words\MatOutcome;

/** The mat in hand is gone: how, and with how many closes of a thinning shear. */
#[Kind(Phase::Table, Place::Section, handsOn: true)]
final readonly class MatWorked implements Payload
{
    public function __construct(public MatOutcome $outcome, #[Whole(0, 60)] public int $closes = 0) {}
}
