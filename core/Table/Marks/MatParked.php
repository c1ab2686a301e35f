<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table\Marks;

use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\PayloadReader;
use HoundCheck\Core\Table\MatCause;

/** A mat was noticed out of turn, or left for later. It must be gone before the bath. */
final readonly class MatParked implements Payload
{
    public function __construct(public ?string $note, public ?MatCause $because = null) {}

    public static function read(PayloadReader $reader): static
    {
        $read = new self($reader->optionalText('note', 200), $reader->optionalOne('because', MatCause::class));
        $reader->finish();

        return $read;
    }
}
