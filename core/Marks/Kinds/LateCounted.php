<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Kinds;

use HoundCheck\Core\Marks\Fields\Text;
use HoundCheck\Core\Marks\Kind;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Who;

/** A correction: a mark that arrived after the visit had ended, and was set apart, counts all the same. Who says so answers for it. */
#[Kind(Phase::Any, who: Who::Groomer, afterTheEnd: true)]
final readonly class LateCounted implements Payload
{
    public function __construct(#[Text(26)] public string $markId, #[Text(500)] public string $reason) {}
}
