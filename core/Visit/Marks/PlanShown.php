<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit\Marks;

use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\PayloadReader;
use HoundCheck\Core\Plan\Choices;

/** A whole plan was put to the client: exactly these choices. */
final readonly class PlanShown implements Payload
{
    public function __construct(public Choices $choices) {}

    public static function read(PayloadReader $reader): static
    {
        $shown = new self($reader->choices('choices'));
        $reader->finish();

        return $shown;
    }
}
