<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit\Marks;

use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\PayloadReader;

/** The visit was ended before its end. */
final readonly class Stopped implements Payload
{
    public function __construct(public string $reason) {}

    public static function read(PayloadReader $reader): static
    {
        $stopped = new self($reader->text('reason', 500));
        $reader->finish();

        return $stopped;
    }
}
