<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Kinds;

use HoundCheck\Core\Marks\Fields\Text;
use HoundCheck\Core\Marks\Kind;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Place;
use HoundCheck\Core\Marks\Who;
use HoundCheck\Core\Marks\Words\WaivedStep;

/** A section goes on without its comb check: who answers for it, and why. */
#[Kind(Phase::Bath, Place::Section, Who::Groomer)]
final readonly class Waived implements Payload
{
    public function __construct(
        public WaivedStep $step,
        #[Text(120)]
        public string $who,
        #[Text(500)]
        public string $reason,
    ) {}
}
