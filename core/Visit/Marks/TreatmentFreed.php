<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit\Marks;

use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\PayloadReader;

/** A section's treatment is no longer fixed: the plan decides it again. */
final readonly class TreatmentFreed implements Payload
{
    public static function read(PayloadReader $reader): static
    {
        $reader->finish();

        return new self;
    }
}
