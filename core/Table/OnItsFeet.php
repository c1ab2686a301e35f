<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table;

use HoundCheck\Core\Marks\Words\Posture;

/** How long a dog has been on its feet, until the latest mark. */
final readonly class OnItsFeet
{
    /**
     * @param float $seconds since it last rested
     * @param float $wholeSeconds in this visit
     * @param int $rests as long as the house has them
     * @param \DateTimeImmutable|null $restingSince null: it does not rest
     * @param \DateTimeImmutable|null $runsFrom where the clock runs: the latest mark; null: it does not
     */
    public function __construct(
        public Posture $posture = Posture::Stands,
        public float $seconds = 0.0,
        public float $wholeSeconds = 0.0,
        public int $rests = 0,
        public ?\DateTimeImmutable $restingSince = null,
        public ?\DateTimeImmutable $runsFrom = null,
    ) {}
}
