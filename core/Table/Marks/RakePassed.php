<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table\Marks;

use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\PayloadReader;
use HoundCheck\Core\Marks\UnreadableMark;
use HoundCheck\Core\Table\Rake;

/** One pass of a rake through the undercoat, and what it brought out, in handfuls. */
final readonly class RakePassed implements Payload
{
    public function __construct(public Rake $rake, public float $handfuls) {}

    public static function read(PayloadReader $reader): static
    {
        $read = new self(
            $reader->one('rake', Rake::class),
            $reader->optionalNumber('handfuls', 0, 50) ?? throw UnreadableMark::isNeeded('handfuls'),
        );
        $reader->finish();

        return $read;
    }
}
