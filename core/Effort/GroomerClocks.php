<?php

declare(strict_types=1);

namespace HoundCheck\Core\Effort;

/** A groomer's clocks for one kind of coat: table, drying and finish each have their own. */
final readonly class GroomerClocks
{
    public function __construct(
        public GroomerClock $table = new GroomerClock,
        public GroomerClock $drying = new GroomerClock,
        public GroomerClock $finish = new GroomerClock,
    ) {}
}
