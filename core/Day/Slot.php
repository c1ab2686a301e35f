<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day;

/** A time that a dog was given: when it comes, when it is promised to be ready, whose dog it is. */
final readonly class Slot
{
    /**
     * @param \DateTimeImmutable|null $startsAt null: it waits for a time
     * @param \DateTimeImmutable|null $promisedAt null: nothing is promised
     * @param string|null $groomer id; null: any
     */
    public function __construct(public ?\DateTimeImmutable $startsAt, public ?\DateTimeImmutable $promisedAt, public ?string $groomer) {}
}
