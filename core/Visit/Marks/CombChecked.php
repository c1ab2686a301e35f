<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit\Marks;

use HoundCheck\Core\CombCheck\CombCheck;
use HoundCheck\Core\Marks\CombCheckReader;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\PayloadReader;

/** A section was combed from the skin. Sent again as more is answered; the latest counts, all are kept. */
final readonly class CombChecked implements Payload
{
    public function __construct(public CombCheck $check) {}

    public static function read(PayloadReader $reader): static
    {
        $check = CombCheckReader::read($reader);
        $reader->finish();

        return new self($check);
    }
}
