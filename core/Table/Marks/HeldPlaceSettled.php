<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table\Marks;

use HoundCheck\Core\Marks\MarkProblem;
use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\PayloadReader;
use HoundCheck\Core\Marks\UnreadableMark;
use HoundCheck\Core\Table\HeldWay;

/** How the bath goes round a place that is left alone; the client was told. */
final readonly class HeldPlaceSettled implements Payload
{
    public function __construct(public HeldWay $way) {}

    public static function read(PayloadReader $reader): static
    {
        $read = new self($reader->one('way', HeldWay::class));
        if ($reader->optionalBool('clientTold') !== true) {
            throw UnreadableMark::field('clientTold', MarkProblem::ClientNotTold);
        }
        $reader->finish();

        return $read;
    }
}
