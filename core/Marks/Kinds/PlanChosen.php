<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Kinds;

use HoundCheck\Core\Marks\Kind;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Who;
use HoundCheck\Core\Plan\Choices;
use HoundCheck\Core\Plan\PlanAim;

/** The groomer settled on a plan of the frontier: a treatment for every section. */
#[Kind(Phase::Plan, who: Who::Groomer)]
final readonly class PlanChosen implements Payload
{
    public function __construct(public PlanAim $aim, public Choices $choices) {}
}
