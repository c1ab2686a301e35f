<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Kinds;

use HoundCheck\Core\Marks\Fields\Text;
use HoundCheck\Core\Marks\Kind;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Place;
use HoundCheck\Core\Marks\Who;
use HoundCheck\Core\Marks\Words\MatCause;
use HoundCheck\Core\Plan\Treatment;

/** The groomer fixed what is done to a section; departing from an agreed plan, with the reason. */
#[Kind(Phase::Plan, Place::Section, Who::Groomer)]
final readonly class TreatmentChosen implements Payload
{
    public function __construct(
        public Treatment $treatment,
        #[Text(500)]
        public ?string $reason = null,
        public ?MatCause $because = null,
    ) {}

    public function saysWhy(): bool
    {
        return $this->reason !== null || $this->because !== null;
    }
}
