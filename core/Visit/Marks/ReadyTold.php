<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit\Marks;

use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\PayloadReader;
use HoundCheck\Core\Visit\ToldVia;

/** The client was told that the dog can be fetched. */
final readonly class ReadyTold implements Payload
{
    public function __construct(public ToldVia $told) {}

    public static function read(PayloadReader $reader): static
    {
        $told = new self($reader->one('told', ToldVia::class));
        $reader->finish();

        return $told;
    }
}
