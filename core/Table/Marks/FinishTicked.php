<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table\Marks;

use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\PayloadReader;
use HoundCheck\Core\Table\FinishItem;

/** Something of the finish is done. */
final readonly class FinishTicked implements Payload
{
    public function __construct(public FinishItem $item) {}

    public static function read(PayloadReader $reader): static
    {
        $read = new self($reader->one('item', FinishItem::class));
        $reader->finish();

        return $read;
    }
}
