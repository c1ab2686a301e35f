<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Kinds;

use HoundCheck\Core\Marks\Fields\Changes;
use HoundCheck\Core\Marks\Kind;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Words\ArrivalAnswers;

/** One or more of the arrival questions were answered, or answered anew. */
#[Kind(Phase::Arrival, changesTheCard: true)]
final readonly class ArrivalAnswered implements Payload
{
    /** @param array<string, mixed> $changes the answered fields of `ArrivalAnswers`; null takes an answer back */
    public function __construct(#[Changes(ArrivalAnswers::class)] public array $changes) {}
}
