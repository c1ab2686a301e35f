<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Kinds;

use HoundCheck\Core\Marks\Kind;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\Phase;
use HoundCheck\Core\Marks\Who;
use HoundCheck\Core\Marks\Words\ToldVia;

/** Another time at which the client may fetch the dog than the one said on arrival. */
#[Kind(Phase::Any, who: Who::Groomer)]
final readonly class PromiseGiven implements Payload
{
    /** @param \DateTimeImmutable $promisedAt to the second, with a time zone */
    public function __construct(public \DateTimeImmutable $promisedAt, public ToldVia $told) {}
}
