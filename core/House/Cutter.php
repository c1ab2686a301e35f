<?php

declare(strict_types=1);

namespace HoundCheck\Core\House;

/** A blade or a guard comb, by the length it leaves in mm. */
final readonly class Cutter
{
    public function __construct(public float $mm, public bool $isGuard) {}
}
