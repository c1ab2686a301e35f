<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table\Marks;

use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\PayloadReader;

/** A groomer stands by the record. */
final readonly class SignedOff implements Payload
{
    public static function read(PayloadReader $reader): static
    {
        $reader->finish();

        return new self;
    }
}
