<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Kinds;

use HoundCheck\Core\Marks\Kind;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Words\DryMethod;

/** Drying begins, after the towel. */
#[Kind(Phase::Bath, handsOn: true)]
final readonly class DryStarted implements Payload
{
    public function __construct(public DryMethod $method) {}
}
