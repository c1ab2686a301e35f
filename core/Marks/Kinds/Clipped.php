<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Kinds;

use HoundCheck\Core\Marks\Fields\Number;
use HoundCheck\Core\Marks\Kind;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Place;
use HoundCheck\Core\Marks\Reach;

/** A section was clipped to a length in mm. */
#[Kind(Phase::Table, Place::Section, handsOn: true, reach: Reach::Here)]
final readonly class Clipped implements Payload
{
    public function __construct(#[Number(0.5, 60)] public float $mm) {}
}
