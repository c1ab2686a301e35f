<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit\Marks;

use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\PayloadReader;
use HoundCheck\Core\Visit\ArrivalAnswers;

/** One or more of the arrival questions were answered, or answered anew. */
final readonly class ArrivalAnswered implements Payload
{
    /** @param array<string, mixed> $changes the answered fields of `ArrivalAnswers`; null takes an answer back */
    public function __construct(public array $changes) {}

    public static function read(PayloadReader $reader): static
    {
        return new self(ArrivalAnswers::readChanges($reader));
    }
}
