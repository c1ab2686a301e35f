<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table;

/** That a section is done: the comb passed, or it was cut. Holds until the comb says otherwise there. */
final readonly class Proof
{
    public function __construct(public string $markId, public \DateTimeImmutable $at, public string $by) {}
}
