<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Kinds;

use HoundCheck\Core\Marks\Fields\Number;
use HoundCheck\Core\Marks\Kind;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Place;
use HoundCheck\Core\Marks\Words\Rake;

/** One pass of a rake through the undercoat, and what it brought out, in handfuls. */
#[Kind(Phase::Table, Place::Section, handsOn: true)]
final readonly class RakePassed implements Payload
{
    public function __construct(public Rake $rake, #[Number(0, 50)] public float $handfuls) {}
}
