<?php

declare(strict_types=1);

namespace HoundCheck\Core\Marks\Words;

use HoundCheck\Core\Coat\Section;

/** What an earlier visit left for this one. */
final readonly class Continued
{
    /**
     * @param int $visit which of them this is, from 2
     * @param int $of as it is divided now: what is left may be divided again
     * @param list<Section> $left matted and not worked yet; no bath so far
     */
    public function __construct(public int $visit, public int $of, public array $left) {}
}
