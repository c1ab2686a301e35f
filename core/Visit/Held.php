<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

use HoundCheck\Core\Coat\Section;
use HoundCheck\Core\Plan\Bars;
use HoundCheck\Core\Plan\Choices;
use HoundCheck\Core\Plan\CoatReport;
use HoundCheck\Core\Plan\TreatmentKind;

/** Places left alone until a vet has looked: nothing else may be done there, the shortest blade stopped, or the groomer chose it. */
final readonly class Held
{
    /**
     * Where the work was done already, only what the skin itself says holds a place.
     *
     * @param Choices $choices in force
     *
     * @return list<Section>
     */
    public static function in(VisitState $visit, CoatReport $places, Choices $choices): array
    {
        return array_values(array_filter(Section::cases(), fn(Section $section): bool => match (true) {
            $places->case->reading($section)->bladeStops => true,
            $visit->run->at($section)->isDone() => Bars::isLeftAlone($places->case->reading($section)) || $visit->foundHotSpotAfterWork($section),
            default => $places->options->at($section)?->isLeftAlone() === true
                || ($choices->for($section)?->kind === TreatmentKind::Leave && ! in_array($section, $visit->later(), true)),
        }));
    }
}
