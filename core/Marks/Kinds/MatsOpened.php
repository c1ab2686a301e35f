<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Kinds;

use HoundCheck\Core\Marks\Kind;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Place;
use HoundCheck\Core\Marks\Words\OpenedWith;

/** What opened the mats here, said once at the section's end. */
#[Kind(Phase::Table, Place::Section)]
final readonly class MatsOpened implements Payload
{
    public function __construct(public OpenedWith $with) {}
}
