<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Kinds;

use HoundCheck\Core\Marks\Fields\Number;
use HoundCheck\Core\Marks\Kind;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Place;
use HoundCheck\Core\Plan\BladeResult;
use HoundCheck\Core\Plan\BladeTry;

/** A blade was tried on the worst spot of a section. */
#[Kind(Phase::Plan, Place::Section, handsOn: true)]
final readonly class BladeTried implements Payload
{
    public BladeTry $try;

    public function __construct(#[Number(0.5, 60)] float $mm, BladeResult $result)
    {
        $this->try = new BladeTry($mm, $result);
    }
}
