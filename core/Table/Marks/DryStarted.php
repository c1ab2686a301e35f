<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table\Marks;

use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\PayloadReader;
use HoundCheck\Core\Table\DryMethod;

/** Drying begins, after the towel. */
final readonly class DryStarted implements Payload
{
    public function __construct(public DryMethod $method) {}

    public static function read(PayloadReader $reader): static
    {
        $read = new self($reader->one('method', DryMethod::class));
        $reader->finish();

        return $read;
    }
}
