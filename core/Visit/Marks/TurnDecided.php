<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit\Marks;

use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\PayloadReader;

/** Somebody decided whose the dog is, and whether it is taken before the others: until a hand is on it. */
final readonly class TurnDecided implements Payload
{
    /** @param string|null $groomer id of who takes it; null: whoever has it, or is free */
    public function __construct(public ?string $groomer, public bool $isNext) {}

    public static function read(PayloadReader $reader): static
    {
        $turn = new self($reader->optionalId('groomer'), $reader->optionalBool('next') ?? false);
        $reader->finish();

        return $turn;
    }
}
