<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table\Marks;

use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\PayloadReader;
use HoundCheck\Core\Table\DryArea;

/** An area is dry to the skin. */
final readonly class Dried implements Payload
{
    public function __construct(public DryArea $area) {}

    public static function read(PayloadReader $reader): static
    {
        $read = new self($reader->one('area', DryArea::class));
        $reader->finish();

        return $read;
    }
}
