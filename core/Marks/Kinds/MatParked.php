<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Kinds;

use HoundCheck\Core\Marks\Fields\Text;
use HoundCheck\Core\Marks\Kind;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Place;
use HoundCheck\Core\Marks\Reach;
use HoundCheck\Core\Marks\Words\MatCause;

/** A mat was noticed out of turn, or left for later. It must be gone before the bath. */
#[Kind(Phase::Table, Place::Section, handsOn: true, reach: Reach::Here)]
final readonly class MatParked implements Payload
{
    public function __construct(#[Text(200)] public ?string $note, public ?MatCause $because = null) {}
}
