<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table\Marks;

use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\PayloadReader;
use HoundCheck\Core\Table\WaivedStep;

/** A section goes on without its comb check: who answers for it, and why. */
final readonly class Waived implements Payload
{
    public function __construct(public WaivedStep $step, public string $who, public string $reason) {}

    public static function read(PayloadReader $reader): static
    {
        $read = new self($reader->one('step', WaivedStep::class), $reader->text('who', 120), $reader->text('reason', 500));
        $reader->finish();

        return $read;
    }
}
