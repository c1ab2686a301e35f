<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table;

/** One thing to mind now, and the figure it comes from. */
final readonly class Guard
{
    public function __construct(public GuardKind $kind, public ?float $found = null, public ?float $limit = null) {}
}
