<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table\Marks;

use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\PayloadReader;
use HoundCheck\Core\Marks\UnreadableMark;

/** One parting is brushed from the skin out; lines count from the lowest. */
final readonly class LineDone implements Payload
{
    public function __construct(public int $line) {}

    public static function read(PayloadReader $reader): static
    {
        $read = new self($reader->optionalWhole('line', 1, 500) ?? throw UnreadableMark::isNeeded('line'));
        $reader->finish();

        return $read;
    }
}
