<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Kinds;

use HoundCheck\Core\Marks\Fields\Yes;
use HoundCheck\Core\Marks\Kind;
use HoundCheck\Core\Marks\MarkProblem;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Place;
use HoundCheck\Core\Marks\Who;
use HoundCheck\Core\Marks\Words\HeldWay;

/** How the bath goes round a place that is left alone; the client was told. */
#[Kind(Phase::Bath, Place::Section, Who::Groomer)]
final readonly class HeldPlaceSettled implements Payload
{
    public function __construct(public HeldWay $way, #[Yes(MarkProblem::ClientNotTold)] public bool $clientTold) {}
}
