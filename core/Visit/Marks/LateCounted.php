<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit\Marks;

use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\PayloadReader;

/** A correction: a mark that arrived after the visit had ended, and was set apart, counts all the same. Who says so answers for it. */
final readonly class LateCounted implements Payload
{
    public function __construct(public string $markId, public string $reason) {}

    public static function read(PayloadReader $reader): static
    {
        $counted = new self($reader->text('markId', 26), $reader->text('reason', 500));
        $reader->finish();

        return $counted;
    }
}
