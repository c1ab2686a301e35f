<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table\Marks;

use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\PayloadReader;

/** A mat in hand: isolated, held, being opened; its own clock runs. */
final readonly class MatTaken implements Payload
{
    public function __construct(public ?string $parkedId) {}

    public static function read(PayloadReader $reader): static
    {
        $read = new self($reader->optionalText('parkedId', 26));
        $reader->finish();

        return $read;
    }
}
