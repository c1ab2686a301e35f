<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Kinds;

use HoundCheck\Core\Marks\Fields\Text;
use HoundCheck\Core\Marks\Kind;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Place;

/** A mat in hand: isolated, held, being opened; its own clock runs. */
#[Kind(Phase::Table, Place::Section, handsOn: true)]
final readonly class MatTaken implements Payload
{
    public function __construct(#[Text(26)] public ?string $parkedId) {}
}
