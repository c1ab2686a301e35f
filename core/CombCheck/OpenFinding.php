<?php

declare(strict_types=1);

namespace HoundCheck\Core\CombCheck;

/**
 * A finding that is open at a section.
 *
 * Around a spot 3 cm are left alone and the rest is worked: it touches no treatment. The rules are for the whole place.
 */
final readonly class OpenFinding
{
    /** @param float|null $sizeMm across, where it was measured */
    public function __construct(public FindingKind $kind, public bool $isSpot = false, public ?float $sizeMm = null) {}
}
