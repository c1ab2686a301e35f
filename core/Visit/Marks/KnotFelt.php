<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit\Marks;

use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\PayloadReader;

/** A hand over the coat, before any comb, felt something here. It grades nothing: the comb looks there first. */
final readonly class KnotFelt implements Payload
{
    public static function read(PayloadReader $reader): static
    {
        $reader->finish();

        return new self;
    }
}
