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

    /** @param bool $splittingTool the house opens mats with a splitting tool too */
    public function __construct(
        private readonly Dog $dog,
        private readonly EffortRates $rates,
        private readonly bool $splittingTool = false,
    ) {
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
            * $this->lineLengthFactor($this->dog->lengthMm($section))
            * ($this->dog->moults() ? $this->rates->moultLineFactor : 1.0) / 60;
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
            * $this->rates->matFactorByCoat[$this->dog->coat->value]
            * ($this->splittingTool && $grade->atLeast(Grade::Mat) ? $this->rates->splittingToolFactor : 1.0) / 60;
    }

    /** Clipping a section; tight mats are slower to get under. */
    public function clipMinutes(Section $section, Grade $grade, float $mattedShare): float
    {
        $slower = $grade->atLeast(Grade::TightMat) ? 1 + $mattedShare : 1;

        return $this->geometry($section)->areaSquareCm * $this->rates->clipSecondsPerSquareCm * $slower / 60;
    }

    /** @param float|null $coatMm length of the coat after the plan's cuts, the mean by share; null: as it is now */
    public function dryMinutes(?float $coatMm = null): float
    {
        $rates = $this->rates;

        return $rates->dryBaseMinutes + $this->surface->squareCm * $rates->dryerSecondsPerSquareCm
            * $this->wetLengthFactor($coatMm ?? $this->meanLengthMm()) * $rates->dryFactorByCoat[$this->dog->coat->value]
            * ($this->dog->moults() ? $rates->moultDryFactor : 1.0) / 60;
    }

    /** Without the minutes of contact that a product asks for. */
    public function bathMinutes(): float
    {
        $rates = $this->rates;

        return $rates->bathBaseMinutes + $this->surface->squareCm * $rates->bathSecondsPerSquareCm
            * $this->wetLengthFactor($this->meanLengthMm()) * $rates->bathFactorByCoat[$this->dog->coat->value] / 60;
    }

    /** Length of the coat now, the mean by share of the body, in mm. */
    private function meanLengthMm(): float
    {
        return array_sum(array_map(
            fn(Section $section): float => $section->share() * $this->dog->lengthMm($section),
            Section::cases(),
        ));
    }

    private function wetLengthFactor(float $lengthMm): float
    {
        $factor = $this->rates->wetLengthAtZero + $lengthMm * $this->rates->wetLengthPerMm;

        return max($this->rates->wetLengthAtZero, min($this->rates->wetLengthMax, $factor));
    }

    private function lineLengthFactor(float $lengthMm): float
    {
        $factor = $this->rates->lineLengthAtZero + $lengthMm / $this->rates->lineLengthMm;

        return max($this->rates->lineLengthMin, min($this->rates->lineLengthMax, $factor));
    }
}
