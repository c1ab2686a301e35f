<?php

declare(strict_types=1);

namespace HoundCheck\Core\Visit;

use HoundCheck\Core\House\HouseRules;
use HoundCheck\Core\Plan\GradedSection;
use HoundCheck\Core\Plan\Treatment;
use HoundCheck\Core\Table\Intended;

/** What is planned at a section by the visit as it stands; worked out once, where somebody asks. */
final class PlannedThere implements Intended
{
    private bool $isKnown = false;

    private ?Treatment $treatment = null;

    public function __construct(
        private readonly VisitState $visit,
        private readonly GradedSection $section,
        private readonly HouseRules $rules,
    ) {}

    public function treatment(): ?Treatment
    {
        if (! $this->isKnown) {
            $this->treatment = $this->visit->plannedAt($this->section->section, $this->section, $this->rules);
            $this->isKnown = true;
        }

        return $this->treatment;
    }
}
