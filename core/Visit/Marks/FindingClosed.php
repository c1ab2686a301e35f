<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit\Marks;

use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\PayloadReader;

/** A finding, of this visit or an earlier one, is no longer there. */
final readonly class FindingClosed implements Payload
{
    public function __construct(public string $findingId, public ?string $note) {}

    public static function read(PayloadReader $reader): static
    {
        $closed = new self($reader->text('findingId', 26), $reader->optionalText('note', 500));
        $reader->finish();

        return $closed;
    }
}
