<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Kinds;

use HoundCheck\Core\Marks\Kind;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Place;
use HoundCheck\Core\Marks\Words\Signal;

/** The dog gave a signal. */
#[Kind(Phase::Table, Place::Either, handsOn: true)]
final readonly class Reacted implements Payload
{
    public function __construct(public Signal $signal) {}
}
