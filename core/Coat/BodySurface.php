<?php

declare(strict_types=1);

namespace HoundCheck\Core\Coat;

/** A dog's skin area by the usual veterinary formula: 10.1 × (weight in g)^(2/3), in cm². */
final readonly class BodySurface
{
    private function __construct(public float $squareCm) {}

    public static function ofWeightKg(float $weightKg): self
    {
        return new self(10.1 * ($weightKg * 1000) ** (2 / 3));
    }
}
