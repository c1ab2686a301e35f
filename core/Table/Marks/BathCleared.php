<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table\Marks;

use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\PayloadReader;

/** The gate was open, and the dog goes to the bath. */
final readonly class BathCleared implements Payload
{
    public static function read(PayloadReader $reader): static
    {
        $reader->finish();

        return new self;
    }
}
