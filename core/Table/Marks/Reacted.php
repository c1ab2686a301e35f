<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table\Marks;

use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\PayloadReader;
use HoundCheck\Core\Table\Signal;

/** The dog gave a signal. */
final readonly class Reacted implements Payload
{
    public function __construct(public Signal $signal) {}

    public static function read(PayloadReader $reader): static
    {
        $read = new self($reader->one('signal', Signal::class));
        $reader->finish();

        return $read;
    }
}
