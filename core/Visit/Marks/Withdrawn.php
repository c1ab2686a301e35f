<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit\Marks;

use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\PayloadReader;

/** Undo: an earlier mark no longer counts. It stays in the record, with this beside it. */
final readonly class Withdrawn implements Payload
{
    public function __construct(public string $markId) {}

    public static function read(PayloadReader $reader): static
    {
        $withdrawn = new self($reader->text('markId', 26));
        $reader->finish();

        return $withdrawn;
    }
}
