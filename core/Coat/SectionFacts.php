<?php

declare(strict_types=1);

namespace HoundCheck\Core\Coat;

/**
 * What is fixed about one section, the same for every dog.
 *
 * sharePercent: part of the body surface, in percent; the 30 add up to 100.
 * aspect: length of a line divided by the height the lines climb.
 * seen: how much an owner notices it, 0–1.
 * tender: multiplies pulling, 0.8–2.0.
 */
final readonly class SectionFacts
{
    public function __construct(
        public float $sharePercent,
        public float $aspect,
        public float $seen,
        public float $tender,
        public ?EvenGroup $evenWith,
    ) {}
}
