<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table\Marks;

use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\PayloadReader;

/** The dog is down from the table and rests, until hands are on it again. */
final readonly class RestBegan implements Payload
{
    public static function read(PayloadReader $reader): static
    {
        $reader->finish();

        return new self;
    }
}
