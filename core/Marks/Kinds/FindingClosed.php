<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Kinds;

use HoundCheck\Core\Marks\Fields\Text;
use HoundCheck\Core\Marks\Kind;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Who;

/** A finding, of this visit or an earlier one, is no longer there. */
#[Kind(Phase::Any, who: Who::Groomer, alwaysFits: true)]
final readonly class FindingClosed implements Payload
{
    public function __construct(#[Text(26)] public string $findingId, #[Text(500)] public ?string $note) {}
}
