<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit\Marks;

use HoundCheck\Core\Marks\Payload;
use HoundCheck\Core\Marks\PayloadReader;
use HoundCheck\Core\Visit\ToldVia;

/** Another time at which the client may fetch the dog than the one said on arrival. */
final readonly class PromiseGiven implements Payload
{
    public function __construct(public \DateTimeImmutable $promisedAt, public ToldVia $told) {}

    public static function read(PayloadReader $reader): static
    {
        $given = new self($reader->time('promisedAt'), $reader->one('told', ToldVia::class));
        $reader->finish();

        return $given;
    }
}
