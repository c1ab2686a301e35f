<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Kinds;

use HoundCheck\Core\Marks\Fields\Whole;
use HoundCheck\Core\Marks\Kind;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Place;

/** One parting is brushed from the skin out; lines count from the lowest. */
#[Kind(Phase::Table, Place::Section, handsOn: true)]
final readonly class LineDone implements Payload
{
    public function __construct(#[Whole(1, 500)] public int $line) {}
}
