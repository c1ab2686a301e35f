<?php

declare(strict_types=1);

namespace HoundCheck\Core\Memory;

use HoundCheck\Core\Dog\HomeBrushing;

/** One field of the keepable coat: the whole dog cut to a length, brushed at home like this, seen again after some weeks. */
final readonly class KeepableCoat
{
    public function __construct(
        public float $lengthMm,
        public HomeBrushing $home,
        public IntervalForecast $forecast,
        public bool $isKeepable,
    ) {}
}
