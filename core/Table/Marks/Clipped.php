<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table\Marks;

use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\PayloadReader;
use HoundCheck\Core\Marks\UnreadableMark;

/** A section was clipped to a length in mm. */
final readonly class Clipped implements Payload
{
    public function __construct(public float $mm) {}

    public static function read(PayloadReader $reader): static
    {
        $read = new self($reader->optionalNumber('mm', 0.5, 60) ?? throw UnreadableMark::isNeeded('mm'));
        $reader->finish();

        return $read;
    }
}
