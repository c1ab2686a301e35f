<?php

declare(strict_types=1);

namespace HoundCheck\Core\Table;

use HoundCheck\Core\Coat\Section;

/** A mat that is being worked: its own little clock. */
final readonly class MatInHand
{
    /** @param float $seconds until the last mark, pauses left out */
    public function __construct(public string $id, public Section $section, public ?string $parkedId, public float $seconds) {}
}
