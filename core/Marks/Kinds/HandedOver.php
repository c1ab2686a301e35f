<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Kinds;

use HoundCheck\Core\Marks\Fields\Text;
use HoundCheck\Core\Marks\Kind;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Who;

/** The dog went home. Steps with nothing recorded stand in the record as skipped, with this reason. */
#[Kind(Phase::End, who: Who::Groomer)]
final readonly class HandedOver implements Payload
{
    public function __construct(#[Text(500)] public ?string $skippedBecause) {}
}
