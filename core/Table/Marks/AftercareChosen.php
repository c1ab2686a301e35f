<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table\Marks;

use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\PayloadReader;
use HoundCheck\Core\Table\Aftercare;

/** What the client is told; an empty list says that nothing needs watching. */
final readonly class AftercareChosen implements Payload
{
    /** @param list<Aftercare> $items */
    public function __construct(public array $items) {}

    public static function read(PayloadReader $reader): static
    {
        $chosen = new self($reader->several('items', Aftercare::class));
        $reader->finish();

        return $chosen;
    }
}
