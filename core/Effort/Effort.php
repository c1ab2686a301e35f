<?php

declare(strict_types=1);

namespace HoundCheck\Core\Effort;

use HoundCheck\Core\Coat\BodySurface;
use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Coat\SectionGeometry;
use HoundCheck\Core\CombCheck\Grade;
use HoundCheck\Core\Dog\Dog;
use HoundCheck\Core\House\EffortRates;

/** Minutes of work on one dog, before the salon's own clock corrects them. All results are minutes, 0 or more. */
final class Effort
{
    private readonly BodySurface $surface;

    /** @var array<string, SectionGeometry> worked out once, by section id */
    private array $geometries = [];

    public function __construct(private readonly Dog $dog, private readonly EffortRates $rates)
    {
        $this->surface = $dog->surface();
    }

    public function geometry(Section $section): SectionGeometry
    {
        return $this->geometries[$section->value] ??= SectionGeometry::of($section, $this->surface, $this->rates->layerMm);
    }

    /** Line brushing the section once, comb check included. */
    public function lineMinutes(Section $section): float
    {
        $geometry = $this->geometry($section);

        return $this->rates->combCheckFactor * $geometry->lines * $geometry->lineCm * $this->rates->lineSecondsPerCm
            * $this->rates->paceByCoat[$this->dog->coat->value]
            * $this->lengthFactor($this->dog->lengthMm($section)) / 60;
    }

    /**
     * Opening the mats of a section.
     *
     * @param Grade $grade Tangle to Tight mat
     * @param float $mattedShare 0–1
     */
    public function matMinutes(Section $section, Grade $grade, float $mattedShare): float
    {
        return $this->geometry($section)->areaSquareCm * $mattedShare * $this->rates->matSecondsPerSquareCm[$grade->value]
            * $this->rates->matFactorByCoat[$this->dog->coat->value] / 60;
    }

    /** Clipping a section; tight mats are slower to get under. */
    public function clipMinutes(Section $section, Grade $grade, float $mattedShare): float
    {
        $slower = $grade->atLeast(Grade::TightMat) ? 1 + $mattedShare : 1;

        return $this->geometry($section)->areaSquareCm * $this->rates->clipSecondsPerSquareCm * $slower / 60;
    }

    public function dryMinutes(): float
    {
        return $this->surface->squareCm * $this->rates->drySecondsPerSquareCm * $this->lengthFactor($this->dog->coatMm)
            * $this->rates->dryFactorByCoat[$this->dog->coat->value] / 60;
    }

    public function bathMinutes(): float
    {
        return $this->rates->bathBaseMinutes + $this->surface->squareCm * $this->rates->bathSecondsPerSquareCm / 60;
    }

    private function lengthFactor(float $lengthMm): float
    {
        $factor = $this->rates->lengthFactorAtZero + $lengthMm * $this->rates->lengthFactorPerMm;

        return max($this->rates->lengthFactorMin, min($this->rates->lengthFactorMax, $factor));
    }
}
