<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table\Marks;

use HoundCheck\Core\CombCheck\CombCheck;
use HoundCheck\Core\Marks\CombCheckReader;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\PayloadReader;

/** The comb was drawn through a section after drying. */
final readonly class SecondCombed implements Payload
{
    public function __construct(public CombCheck $check) {}

    public static function read(PayloadReader $reader): static
    {
        $check = CombCheckReader::read($reader);
        $reader->finish();

        return new self($check);
    }
}
