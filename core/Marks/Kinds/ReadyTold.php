<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Kinds;

use HoundCheck\Core\Marks\Kind;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Words\ToldVia;

/** The client was told that the dog can be fetched. */
#[Kind(Phase::Any)]
final readonly class ReadyTold implements Payload
{
    public function __construct(public ToldVia $told) {}
}
