<?php

declare(strict_types=1);

namespace HoundCheck\Core\Coat;

/**
 * The size of a section on one dog, taken as a rectangle that the lines climb from the lowest upwards.
 *
 * areaSquareCm: share of the body surface. climbCm: height the lines climb. lineCm: length of one line.
 * lines: partings one layer apart, at least 1.
 */
final readonly class SectionGeometry
{
    private function __construct(
        public float $areaSquareCm,
        public float $climbCm,
        public float $lineCm,
        public int $lines,
    ) {}

    /** @param float $layerMm thickness of one layer of hair, over 0 */
    public static function of(Section $section, BodySurface $surface, float $layerMm): self
    {
        $aspect = $section->facts()->aspect;
        $area = $section->share() * $surface->squareCm;
        $climb = sqrt($area / $aspect);

        return new self($area, $climb, $aspect * $climb, max(1, (int) ceil($climb * 10 / $layerMm)));
    }
}
