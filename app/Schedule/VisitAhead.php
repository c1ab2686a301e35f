<?php

declare(strict_types=1);

namespace App\Schedule;

use App\Models\Dog;
use App\Models\HouseRulesVersion;
use App\Visits\MemoryBook;
use Carbon\CarbonImmutable;
use HoundCheck\Core\CoreVersion;
use HoundCheck\Core\Day\ComingVisit;
use HoundCheck\Core\Day\PlannedStep;
use HoundCheck\Core\Effort\GroomerClocks;
use HoundCheck\Core\House\Service;

/** All that the minutes of a visit to come follow from: as long as two of these are the same, so are the minutes. */
final readonly class VisitAhead
{
    public function __construct(
        private Dog $dog,
        private CarbonImmutable $at,
        private Service $service,
        private HouseRulesVersion $rules,
        private GroomerClocks $clocks,
    ) {}

    /** @return list<PlannedStep> */
    public function steps(MemoryBook $memory): array
    {
        $house = $this->rules->toCore();

        return ComingVisit::expected(
            $this->dog->onDay($this->at),
            $memory->of($this->dog, $house->memory),
            $this->at->toDateTimeImmutable(),
            $this->service,
            $house,
            $this->clocks,
        )->steps();
    }

    /** The same for the same, to the day; the dog's version stands for its card and its visits. */
    public function stamp(): string
    {
        return hash('xxh128', serialize([
            [$this->dog->id, $this->dog->version, $this->at->toDateString(), $this->service],
            [$this->rules->version, CoreVersion::CURRENT, $this->clocks],
        ]));
    }
}
