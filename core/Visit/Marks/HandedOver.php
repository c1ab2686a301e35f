<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit\Marks;

use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\PayloadReader;

/** The dog went home. Steps with nothing recorded stand in the record as skipped, with this reason. */
final readonly class HandedOver implements Payload
{
    public function __construct(public ?string $skippedBecause) {}

    public static function read(PayloadReader $reader): static
    {
        $over = new self($reader->optionalText('skippedBecause', 500));
        $reader->finish();

        return $over;
    }
}
