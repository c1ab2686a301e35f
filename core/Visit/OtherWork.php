<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

use HoundCheck\Core\CombCheck\FindingKind;
use HoundCheck\Core\Effort\OtherMinutes;
use HoundCheck\Core\House\Extra;
use HoundCheck\Core\House\Service;

/** Minutes of a visit beside table, bath and dryer, uncorrected, by its service and style. */
final readonly class OtherWork
{
    private OtherMinutes $minutes;

    public function __construct(private VisitReport $visit)
    {
        $this->minutes = new OtherMinutes($visit->state->dog(), $visit->rules->effort);
    }

    public function arrival(): float
    {
        return $this->minutes->arrival();
    }

    public function secondCheck(): float
    {
        return $this->minutes->secondCheck($this->visit->fromHere->effort);
    }

    public function finish(): float
    {
        return $this->finishOf($this->visit->state->arrival->service());
    }

    public function finishOf(Service $service): float
    {
        $state = $this->visit->state;

        return $this->minutes->finish(
            $service,
            $state->arrival->finishStyle(),
            in_array(Extra::Nails, $state->arrival->answers->extras ?? [], true),
        );
    }

    public function stripping(): float
    {
        return $this->minutes->stripping($this->visit->state->arrival->service(), $this->visit->state->arrival->finishStyle());
    }

    public function hasFleas(): bool
    {
        return in_array(FindingKind::Fleas, $this->visit->findings(), true);
    }

    public function cleanUp(): float
    {
        return $this->minutes->cleanUp($this->hasFleas());
    }
}
