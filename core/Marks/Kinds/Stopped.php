<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Kinds;

use HoundCheck\Core\Marks\Fields\Text;
use HoundCheck\Core\Marks\Kind;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Who;

/** The visit was ended before its end. */
#[Kind(Phase::End, who: Who::Groomer)]
final readonly class Stopped implements Payload
{
    public function __construct(#[Text(500)] public string $reason) {}
}
