<?php

declare(strict_types=1);

namespace HoundCheck\Core\Day;

/** What a dog needs next and when, how long it should take, and when the dog will be ready if nobody keeps it waiting. */
final readonly class Attention
{
    /**
     * @param float $inMinutes until it needs someone; 0: now
     * @param int|null $since unix time from which it has waited; null while somebody is with it
     * @param Minutes|null $work left of what is being done, or of what comes next; null when there is nothing to forecast
     * @param Minutes|null $ready until it can go home; null when it has
     * @param bool $guess part of it is not known before the inspection and the plan
     * @param bool $last fleas: last in the day, or a table of its own
     */
    public function __construct(
        public Need $need,
        public float $inMinutes,
        public ?int $since,
        public ?Minutes $work,
        public ?Minutes $ready,
        public bool $guess,
        public bool $last = false,
    ) {}
}
