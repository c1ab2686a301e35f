<?php

declare(strict_types=1);

namespace HoundCheck\Core\Effort;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Dog\Dog;
use HoundCheck\Core\House\EffortRates;
use HoundCheck\Core\House\FinishStyle;
use HoundCheck\Core\House\Service;

/** What a visit takes beside brushing, bath and dryer. All results are minutes, 0 or more; rules of thumb of the house. */
final readonly class OtherMinutes
{
    private float $surfaceSquareCm;

    public function __construct(private Dog $dog, private EffortRates $rates)
    {
        $this->surfaceSquareCm = $dog->surface()->squareCm;
    }

    /** The talk with the client on arrival, and the comb check of all sections. */
    public function arrival(): float
    {
        return $this->rates->talkMinutes
            + $this->rates->inspectionBaseMinutes + $this->surfaceSquareCm * $this->rates->inspectionSecondsPerSquareCm / 60;
    }

    /** A part of the line minutes of the whole coat. */
    public function secondCheck(Effort $effort): float
    {
        return $this->rates->secondCheckPart * array_sum(array_map($effort->lineMinutes(...), Section::cases()));
    }

    /** @param bool $nails wanted on top */
    public function finish(Service $service, FinishStyle $style, bool $nails): float
    {
        $rates = $this->rates;

        return ($nails && $service !== Service::NailsAndTidy ? $rates->nailsMinutes : 0.0) + match ($service) {
            Service::FullGroom => $rates->finishBaseMinutes + $this->surfaceSquareCm * $rates->finishSecondsByStyle[$style->value] / 60,
            Service::BathAndBrush => $rates->bathAndBrushBaseMinutes
                + $this->surfaceSquareCm * $rates->bathAndBrushSecondsPerSquareCm / 60,
            Service::NailsAndTidy => $rates->nailsAndTidyMinutes,
        };
    }

    /** Stripping by hand before the bath, where the style asks for it. */
    public function stripping(Service $service, FinishStyle $style): float
    {
        $isStripped = $style === FinishStyle::HandStripped && in_array($style, FinishStyle::for($this->dog->coat), true);

        return $service === Service::FullGroom && $isStripped
            ? $this->rates->stripBaseMinutes + $this->surfaceSquareCm * $this->rates->stripSecondsPerSquareCm / 60
            : 0.0;
    }

    public function cleanUp(bool $fleas): float
    {
        return $fleas ? $this->rates->fleaCleanUpMinutes : $this->rates->cleanUpMinutes;
    }
}
