<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table\Marks;

use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\PayloadReader;
use HoundCheck\Core\Table\MatOutcome;

/** The mat in hand is gone: how, and with how many closes of a thinning shear. */
final readonly class MatWorked implements Payload
{
    public function __construct(public MatOutcome $outcome, public int $closes) {}

    public static function read(PayloadReader $reader): static
    {
        $read = new self($reader->one('outcome', MatOutcome::class), $reader->optionalWhole('closes', 0, 60) ?? 0);
        $reader->finish();

        return $read;
    }
}
