<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day;

/** A time at which a dog can come, tried with the day's other dogs. Minutes after midnight. */
final readonly class OfferedTime
{
    /**
     * @param float $promise the first mark of the clock at which this dog is ready surely enough
     * @param float $chance 0–1 that this promise holds
     * @param string $tightest id of the dog whose promise is the least sure then; the asked dog's own id where it is hers
     * @param float $tightestChance of that promise
     */
    public function __construct(
        public string $groomer,
        public float $startsAt,
        public float $promise,
        public float $chance,
        public string $tightest,
        public float $tightestChance,
    ) {}
}
